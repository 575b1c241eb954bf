/** Moves run one after another on a state, with every state on the way kept: the same for every tool. */

import type { PassingEvent, StitchNumber } from '../crossing/index.ts';
import type { Problem, Result } from '../result.ts';
import type { HandlingOutcome } from './outcome.ts';

/** What loops hang on: two needles in the hands, the pegs of a loom, or the needles of a machine's single bed. */
export type Tool = 'needles' | 'loom' | 'bed';

/** How the rows under a loop were made: plain, twisted at the foot, one long slipped stitch, or units with their yarn-over. */
export type RowsBelow = 'plain' | 'twisted' | 'long' | 'unit';

/** One move done: the state after it, who was handled, and who passed whom. */
export interface Applied<S> {
	readonly state: S;
	/** The loops that the move handled, from right to left. */
	readonly stitches: readonly StitchNumber[];
	readonly passings: readonly PassingEvent[];
}

export interface RunStep<S, M> extends Applied<S> {
	readonly move: M;
}

export interface Run<T extends Tool, S, M> {
	readonly tool: T;
	/** By which it was run, and can be run otherwise; no part of its data, so one that was read from elsewhere has none. */
	readonly on?: Simulated<S, M>;
	readonly start: S;
	readonly steps: readonly RunStep<S, M>[];
	readonly outcome: HandlingOutcome;
	/** The move that cannot be done, when the run stopped before its end. */
	readonly stopped?: { readonly at: number; readonly move: M; readonly problem: Problem };
}

/** What a simulated tool is made of. It is only asked about its own states and moves. */
export interface Simulated<S, M> {
	/** The state after one move; the state given is never changed. */
	apply(state: S, move: M): Result<Applied<S>>;
	outcome(final: S, passings: readonly PassingEvent[]): HandlingOutcome;
}

/**
 * Runs the moves and keeps every state. Stops at the first illegal move, with
 * the reason; the steps before it stand. Linear in moves × loops.
 */
export function run<S extends { readonly tool: Tool }, M>(
	on: Simulated<S, M>,
	moves: readonly M[],
	start: S,
): Run<S['tool'], S, M> {
	const tool: S['tool'] = start.tool;
	const steps: RunStep<S, M>[] = [];
	let state = start;
	let stopped: Run<S['tool'], S, M>['stopped'];
	for (const [at, move] of moves.entries()) {
		const applied = on.apply(state, move);
		if (!applied.ok) {
			stopped = { at, move, problem: applied.problems[0]! };
			break;
		}
		state = applied.value.state;
		steps.push({ move, ...applied.value });
	}
	const made = on.outcome(
		state,
		steps.flatMap((s) => s.passings),
	);
	const trace = { tool, start, steps, outcome: made, ...(stopped ? { stopped } : {}) };
	return Object.defineProperty(trace, 'on', { value: on, enumerable: false });
}

/** The state that is seen after `step` moves; step 0 is the start. Clamps to the trace. */
export const stateAt = <S>(
	trace: { readonly start: S; readonly steps: readonly { readonly state: S }[] },
	step: number,
): S => (step <= 0 ? trace.start : (trace.steps[Math.min(step, trace.steps.length) - 1]?.state ?? trace.start));
