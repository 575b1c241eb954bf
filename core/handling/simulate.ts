/** Moves run one after another on a state, with every state on the way kept. */

import type { PassingEvent, StitchNumber } from '../crossing/index.ts';
import type { Problem } from '../result.ts';
import { applyMove } from './apply/index.ts';
import type { Move } from './moves.ts';
import { outcomeOf, type Outcome } from './outcome.ts';
import type { HandState } from './state.ts';

export interface TraceStep {
	readonly move: Move;
	/** The loops that the move handled, from right to left. */
	readonly stitches: readonly StitchNumber[];
	readonly passings: readonly PassingEvent[];
	/** The state after the move. */
	readonly state: HandState;
}

export interface Trace {
	readonly start: HandState;
	readonly steps: readonly TraceStep[];
	readonly outcome: Outcome;
	/** The move that hands cannot do, when the run stopped before its end. */
	readonly stopped?: { readonly at: number; readonly move: Move; readonly problem: Problem };
}

/**
 * Runs the moves and keeps every state. Stops at the first illegal move, with
 * the reason; the steps before it stand. Linear in moves × loops.
 */
export function simulate(moves: readonly Move[], start: HandState): Trace {
	const steps: TraceStep[] = [];
	let state = start;
	let stopped: Trace['stopped'];
	for (const [at, move] of moves.entries()) {
		const applied = applyMove(state, move);
		if (!applied.ok) {
			stopped = { at, move, problem: applied.problems[0]! };
			break;
		}
		state = applied.value.state;
		steps.push({ move, ...applied.value });
	}
	const outcome = outcomeOf(
		state,
		steps.flatMap((s) => s.passings),
	);
	return stopped ? { start, steps, outcome, stopped } : { start, steps, outcome };
}

/** The state that is seen after `step` moves; step 0 is the start. Clamps to the trace. */
export const stateAt = (trace: Trace, step: number): HandState =>
	step <= 0 ? trace.start : (trace.steps[Math.min(step, trace.steps.length) - 1]?.state ?? trace.start);
