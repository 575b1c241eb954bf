/** What was made on the bed, as the knit side will show it, read off the last state and the passings. */

import { settle, type PassingEvent, type Work } from '../../crossing/index.ts';
import type { Outcome } from '../outcome.ts';
import type { BedState } from './state.ts';

export function bedOutcome(final: BedState, passings: readonly PassingEvent[]): Outcome {
	const knitted = final.loops.filter((l) => l.done && typeof l.on === 'number');
	const there = passings.filter(({ pair }) => !pair.some((s) => final.lost.includes(s)));
	return {
		order: knitted.map((l) => l.stitch),
		...settle(there),
		work: Object.fromEntries(knitted.map((l): [number, Work] => [l.stitch, l.done!])),
		unworked: final.loops.filter((l) => !l.done).map((l) => l.stitch),
		loose: final.loops.filter((l) => l.done && typeof l.on !== 'number').map((l) => l.stitch),
		lost: final.lost,
		extraLoops: 0,
		split: [],
		turned: [],
		bars: [],
		kept: [],
		hung: knitted.filter((l) => l.hung).map((l) => l.stitch),
	};
}
