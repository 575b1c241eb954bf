/**
 * How far cords that lie over each other in a ring bend aside on their way.
 *
 * Cords that change places straight meet in one point, all of them; what is
 * over and what under cannot be told there. Bent to and fro in turn they meet two
 * by two, around an opening.
 */

import { inRing } from './rings.ts';
import type { Crossing, StitchNumber } from '../crossing/index.ts';

/** A cord is bent by this part of how wide the cords of its ring are. */
const BEND = 0.8;
/** From five cords on, equal bends would meet again: the later ones are flatter. */
const FLATTER = 0.4;

/** Signed, in stitch widths, for each stitch of a cord in a ring; others do not bend. */
export function bowsOf(c: Crossing): ReadonlyMap<StitchNumber, number> {
	const cords = cordsOf(c);
	const cordOf = new Map(cords.flatMap((cord, i) => cord.map((s) => [s, i] as const)));
	const rings = inRing(
		cords.length,
		c.over.map(([u, l]) => [cordOf.get(l)!, cordOf.get(u)!]),
	);
	const ringed = cords.filter((_, i) => rings[i]);
	const wide = ringed.reduce((sum, cord) => sum + cord.length, 0) / ringed.length;
	return new Map(
		ringed.flatMap((cord, rank) => {
			const flat = ringed.length > 4 ? FLATTER * (rank / (ringed.length - 1)) ** 2 : 0;
			const bow = (rank % 2 === 0 ? 1 : -1) * BEND * wide * (1 - flat);
			return cord.map((s) => [s, bow] as const);
		}),
	);
}

/** Stitches that stay side by side, from the tip. */
function cordsOf(c: Crossing): readonly (readonly StitchNumber[])[] {
	const cords: StitchNumber[][] = [];
	const placeOf = new Map(c.order.map((s, place) => [s, place]));
	for (let s = 1; s <= c.n; s++) {
		if (s > 1 && placeOf.get(s) === placeOf.get(s - 1)! + 1) cords.at(-1)!.push(s);
		else cords.push([s]);
	}
	return cords;
}
