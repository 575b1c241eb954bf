/** What was made on the pegs, read off the last state and the passings. */

import { settle, type PassingEvent, type Work } from '../../crossing/index.ts';
import type { Outcome } from '../outcome.ts';
import type { LoomState } from './state.ts';

export function loomOutcome(final: LoomState, passings: readonly PassingEvent[]): Outcome {
	const seated = final.loops.filter((l) => l.done && l.peg !== undefined);
	const there = passings.filter(({ pair }) => !pair.some((s) => final.lost.includes(s)));
	return {
		order: seated.map((l) => l.stitch),
		...settle(there),
		work: Object.fromEntries(seated.map((l): [number, Work] => [l.stitch, l.done!])),
		unworked: final.loops.filter((l) => !l.done).map((l) => l.stitch),
		// Knitted off before they crossed, and never seated again.
		loose: final.loops.filter((l) => l.done && l.peg === undefined).map((l) => l.stitch),
		lost: final.lost,
		extraLoops: 0,
		split: [],
		turned: [],
		bars: [],
		kept: [],
		hung: seated.filter((l) => !l.round).map((l) => l.stitch),
	};
}

/** Loops that are still larger than their neighbours. */
export const large = (final: LoomState): readonly number[] =>
	final.loops.filter((l) => l.borrowed > 0).map((l) => l.stitch);
