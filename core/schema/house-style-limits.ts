/** Stated limits of a house style, and the ways that it may prefer. */

import { taughtByHand, waysFor } from '../craft/index.ts';
import { twoGroups } from '../crossing/index.ts';

export const HOUSE_STYLE_LIMITS = { sideWords: 30, memory: 120, withoutHolder: { least: 2, most: 8 } } as const;

/** With a holder, or a way that needs none and makes more than one over one. */
export const PREFERRED_WAYS: readonly string[] = [
	'holder',
	...waysFor(taughtByHand, twoGroups({ front: 2, behind: 2, lean: 'right' }))
		.filter((w) => w.holders === 0)
		.map((w) => w.id),
];
