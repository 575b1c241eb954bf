import type { PassingEvent } from '../../crossing/index.ts';
import type { HandlingOutcome } from '../outcome.ts';
import { toolOutcome } from '../tool-outcome.ts';
import type { LoomState } from './state.ts';

/** What was made on the pegs; a loop that does not go round its peg hangs up there. */
export const loomOutcome = ({ loops, lost }: LoomState, passings: readonly PassingEvent[]): HandlingOutcome =>
	toolOutcome({ loops, lost, isSeated: (l) => l.peg !== undefined, isHung: (l) => !l.round }, passings);

/** Loops that are still larger than their neighbours. */
export const large = (final: LoomState): readonly number[] =>
	final.loops.filter((l) => l.borrowed > 0).map((l) => l.stitch);
