/** Levels of a class, and what those of each bring. */

import type { SkillId } from './table.ts';

export const LEVELS = ['beginner', 'improver', 'practised'] as const;
export type Level = (typeof LEVELS)[number];

/** What everybody brings who comes to a class on crossings. */
export const BROUGHT: readonly SkillId[] = [
	'cast-on',
	'knit',
	'purl',
	'read-needle',
	'rib',
	'slip-purlwise',
	'count-rows',
	'sides',
	'round',
];

const IMPROVERS: readonly SkillId[] = [
	'holder',
	'front-back',
	'lean',
	'one-over-one',
	'two-over-two',
	'rope',
	'both-leans',
];
const PRACTISED: readonly SkillId[] = [
	...IMPROVERS,
	'travelling',
	'uneven',
	'wide',
	'names',
	'rows',
	'chart',
	'where-am-i',
];

/** What those of a level bring: assumed. */
export const broughtBy = (level: Level): readonly SkillId[] => [
	...BROUGHT,
	...{ beginner: [], improver: IMPROVERS, practised: PRACTISED }[level],
];
