/** The moves that cross two groups of loops on their pegs, one loop at a time. */

import type { LoomMove, Parked } from '../../handling/index.ts';

export interface OnPegs {
	/** Loops of the right and of the left group, as the worker sees them. */
	readonly right: number;
	readonly left: number;
	/** Loops between them that stay on their pegs; the groups are then of one size. */
	readonly centre?: number;
	/** Which of them is parked while the other one is led past. */
	readonly parked: 'right' | 'left';
	readonly where: Parked;
}

/**
 * Park, shift, seat: who lies on top is left to where the parked loops hang. Loops of one group never
 * pass each other: each goes to the free peg that is furthest on its way. What is led past a centre goes round it on the
 * worker's side; what is parked goes past it where it hangs.
 */
export function crossOnPegs({ right, left, centre = 0, parked, where }: OnPegs): readonly LoomMove[] {
	const of = (count: number, from: number): number[] => Array.from({ length: count }, (_, i) => from + i);
	const rights = of(right, 1);
	const lefts = of(left, right + centre + 1);
	const toOf = (stitch: number): number => (stitch <= right ? stitch + left + centre : stitch - right - centre);
	const [waits, goes] = parked === 'right' ? [rights, lefts] : [lefts, rights];
	// Rightwards the rightmost goes first, leftwards the leftmost.
	const inTurn = (group: readonly number[]): readonly number[] => (group === lefts ? group : [...group].reverse());
	return [
		...waits.map((peg): LoomMove => ({ kind: 'park', peg, ...where })),
		...inTurn(goes).map((from): LoomMove => ({ kind: 'shift', from, to: toOf(from) })),
		...(centre > 0 ? inTurn(waits) : waits).map((stitch): LoomMove => ({ kind: 'seat', stitch, to: toOf(stitch) })),
		{ kind: 'tug', peg: 1, count: right + left + centre },
	];
}
