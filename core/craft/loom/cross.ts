/** The moves that cross two groups of loops on their pegs, one loop at a time. */

import type { LoomMove, Parked } from '../../handling/index.ts';

export interface OnPegs {
	/** Loops of the right and of the left group, as the worker sees them. */
	readonly right: number;
	readonly left: number;
	/** Which of them is parked while the other one is led past. */
	readonly parked: 'right' | 'left';
	readonly where: Parked;
}

/**
 * Park, shift, seat: who lies on top is left to where the parked loops hang. Loops of one group never
 * pass each other: each goes to the free peg that is furthest on its way.
 */
export function crossOnPegs({ right, left, parked, where }: OnPegs): readonly LoomMove[] {
	const of = (count: number, from: number): number[] => Array.from({ length: count }, (_, i) => from + i);
	const rights = of(right, 1);
	const lefts = of(left, right + 1);
	const toOf = (stitch: number): number => (stitch <= right ? stitch + left : stitch - right);
	const [waits, goes] = parked === 'right' ? [rights, lefts] : [lefts, rights];
	// Rightwards the rightmost goes first, leftwards the leftmost.
	const inTurn = parked === 'right' ? goes : [...goes].reverse();
	return [
		...waits.map((peg): LoomMove => ({ kind: 'park', peg, ...where })),
		...inTurn.map((from): LoomMove => ({ kind: 'shift', from, to: toOf(from) })),
		...waits.map((stitch): LoomMove => ({ kind: 'seat', stitch, to: toOf(stitch) })),
		{ kind: 'tug', peg: 1, count: right + left },
	];
}
