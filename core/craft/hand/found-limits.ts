/** Under which limits a way is searched for. They are part of its id, so an address keeps them. */

import { SEARCH_AIMS, type SearchAim } from '../../handling/index.ts';
import type { Craft, Way } from '../craft.ts';

export interface FoundLimits {
	readonly holders: 0 | 1 | 2;
	readonly loose: number;
	readonly least: SearchAim;
}

export const FOUND_LIMITS: FoundLimits = { holders: 2, loose: 0, least: 'moves' };
/** More loose loops than this at once are in nobody's hands. */
export const MOST_LOOSE = 12;

const FOUND = /^found(?:-([012])-(\d{1,2})-([a-z]+))?$/;

export function foundId({ holders, loose, least }: FoundLimits): string {
	const usual = holders === FOUND_LIMITS.holders && loose === FOUND_LIMITS.loose && least === FOUND_LIMITS.least;
	return usual ? 'found' : `found-${holders}-${loose}-${least}`;
}

/** The limits that an id stands for; `undefined` when it is no such id. */
export function limitsOf(id: string): FoundLimits | undefined {
	const [whole, holders, loose, least] = FOUND.exec(id) ?? [];
	if (whole === undefined) return undefined;
	if (holders === undefined || loose === undefined) return FOUND_LIMITS;
	const aim = SEARCH_AIMS.find((a) => a === least);
	if (!aim || Number(loose) > MOST_LOOSE) return undefined;
	return { holders: Number(holders) as 0 | 1 | 2, loose: Number(loose), least: aim };
}

/** The limits under which a craft searches when these are asked for. */
export const limitsIn = ({ holdsAll }: Pick<Craft, 'holdsAll'>, limits: FoundLimits): FoundLimits =>
	holdsAll && limits.loose > 0 ? { ...limits, loose: 0 } : limits;

export const FOUND_WAY: Way = {
	id: 'found',
	title: 'Fewest moves',
	when: 'The app tries everything that hands can do, and shows the shortest way.',
	applies: 'Any crossing.',
	needs: 'Whatever you allow: cable needles, or loose loops.',
	holders: FOUND_LIMITS.holders,
};
