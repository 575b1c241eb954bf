import { byUpperThenLower, type Crossing, type Passing, type Work } from './crossing.ts';

/** What a stitch worked on one side of the fabric is on the other. */
export const SHOWS_AS: Readonly<Record<Work, Work>> = { k: 'p', p: 'k', ktbl: 'ptbl', ptbl: 'ktbl' };

/**
 * A crossing as it is seen from the other side of the fabric: from the wrong side to the right side,
 * or back. Stitch s becomes n + 1 - s, upper and lower change places, and knit shows as purl. The
 * lean stays: it is a property of the fabric, not of the side it is seen from. Turning twice gives
 * the crossing back.
 */
export function turn(c: Crossing): Crossing {
	const turned = (stitch: number): number => c.n + 1 - stitch;
	return {
		n: c.n,
		order: c.order.map(turned).reverse(),
		over: c.over.map(([u, l]): Passing => [turned(l), turned(u)]).sort(byUpperThenLower),
		work: c.work.map((w) => SHOWS_AS[w]).reverse(),
	};
}

/** A crossing with knit and purl changed, such as one that was named in a wrong-side row by how it will look. */
export const withFacesChanged = (c: Crossing): Crossing => ({ ...c, work: c.work.map((w) => SHOWS_AS[w]) });
