import { byUpperThenLower, type Crossing, type Passing } from './crossing.ts';

/**
 * The mirror image of a crossing: what comes of following the same steps left-handed.
 * Stitch s becomes n + 1 - s and keeps its work; who lies over whom stays, so the lean turns.
 * Mirroring twice gives the crossing back.
 */
export function mirror(c: Crossing): Crossing {
	const turned = (stitch: number): number => c.n + 1 - stitch;
	return {
		n: c.n,
		order: c.order.map(turned).reverse(),
		over: c.over.map(([u, l]): Passing => [turned(u), turned(l)]).sort(byUpperThenLower),
		work: [...c.work].reverse(),
	};
}
