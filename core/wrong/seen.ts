/** What one sees in a piece that went wrong, in everyday words. */

import { type Craft, PLAIN_CRAFT, signsIn, type Taken } from '../craft/index.ts';
import { ropeOf } from './in-rows.ts';
import { type AnyTrace, type SignId, simulate, sitesOf } from '../handling/index.ts';

/** What no single crossing shows: a gap beside it, stitches that are hard to work, twists of unequal length. */
export type SeenAround = 'hole' | 'tight' | 'uneven';
export type SeenId = SignId | SeenAround;
export const isAround = (id: SeenId): id is SeenAround => id === 'hole' || id === 'tight' || id === 'uneven';

/** In the order of how often they are asked about. */
export const SEEN: readonly (readonly [SeenId, string])[] = [
	['leans-wrong', 'leans the other way'],
	['hole', 'a hole beside it'],
	['bump', 'a bump in the cable'],
	['uneven', 'ends early, or uneven'],
	['tight', 'too tight to knit'],
	['one-too-many', 'one stitch too many'],
	['twisted', 'a twisted stitch'],
	['one-too-few', 'a stitch is missing'],
	['ladder', 'a dropped stitch'],
	['smooth', 'a smooth stitch in the purl'],
	['bar', 'a float across it'],
	['kink', 'stitches out of order'],
	['split', 'a split stitch'],
	['hangs-up', 'a loop that did not come off'],
	['unfinished', 'stitches not knitted'],
	['locked', 'layers caught together'],
	['large', 'one big loop, its neighbour tight'],
];

/** Places of one mistake that are tried; further ones only name other loops. */
const MOST_SITES = 4;

/** What can be seen in this craft, when some mistake is made somewhere in these moves. */
export function looksIn(craft: Craft, taken: Taken, right: AnyTrace): readonly SeenId[] {
	const ids = new Set<SeenId>(craft.isHanded ? ['hole', 'tight', 'leans-wrong', 'bump'] : ['tight']);
	if (craft.id === PLAIN_CRAFT && ropeOf(taken.loops)) ids.add('uneven');
	for (const mistake of craft.mistakes)
		for (const { moves } of sitesOf(mistake, right).slice(0, MOST_SITES))
			for (const { id } of signsIn(craft, taken, simulate(moves, right.start), taken.loops)) ids.add(id);
	return SEEN.flatMap(([id]) => (ids.has(id) ? [id] : []));
}
