/** Where a skill can be practised: some need needles, some a tool of their own. */

import type { SkillId } from './table.ts';

/** What hands do with needles, a holder and the yarn. */
const BY_HAND: ReadonlySet<SkillId> = new Set<SkillId>([
	'slip-purlwise',
	'mount',
	'holder',
	'front-back',
	'two-holders',
	'tbl',
	'no-holder',
	'loose',
	'long',
	'units',
	'layers',
	'gap',
]);
/** The tool that a skill belongs to, by its craft. */
const AT_TOOL: Readonly<Partial<Record<SkillId, string>>> = { pegs: 'loom', bed: 'machine' };

/** Whether somebody who works at a place can practise it there; `isHanded`: with needles in the hands. */
export function isSkillAt(id: SkillId, place: string, isHanded: boolean): boolean {
	const tool = AT_TOOL[id];
	return tool === undefined ? isHanded || !BY_HAND.has(id) : tool === place;
}
