/** A crossing to practise a skill on, and to show it by. */

import type { Crossing } from '../crossing/index.ts';
import { readName } from '../notation/index.ts';
import type { SkillId } from '../skill/index.ts';

/** By its name in the school that has one for nearly all. */
const ON: Partial<Record<SkillId, string>> = {
	holder: '1/1 LC',
	'front-back': '2/2 LC',
	lean: '2/2 RC',
	'one-over-one': '1/1 LC',
	'two-over-two': '2/2 LC',
	'both-leans': '2/2 RC',
	travelling: '2/1 LPC',
	uneven: '2/1 LC',
	wide: '3/3 LC',
	'very-wide': '5/5 LC',
	'three-groups': '2/1/2 LC',
	tbl: '1/1 LC tbl',
	names: '2/2 LC',
	rope: '2/2 LC',
	plait: '2/2 RC',
	'no-holder': '1/1 LC',
};

/** Undefined where a skill is seen on no one crossing, and for what is no skill. */
export function exampleOf(skill: string): Crossing | undefined {
	const name = ON[skill as SkillId];
	const read = name === undefined ? undefined : readName(name, 'slash');
	return read?.ok ? read.crossing : undefined;
}
