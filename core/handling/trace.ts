/** What was done on some tool, move by move. */

import type { BedMove } from './bed/moves.ts';
import type { BedState } from './bed/state.ts';
import type { LoomMove } from './loom/moves.ts';
import type { LoomState } from './loom/state.ts';
import type { Move } from './moves.ts';
import { run, type Run, type RunStep, type Simulated } from './run.ts';
import type { HandState } from './state.ts';

/** The hands with two needles. */
export type Trace = Run<'needles', HandState, Move>;
export type TraceStep = RunStep<HandState, Move>;
export type LoomTrace = Run<'loom', LoomState, LoomMove>;
export type BedTrace = Run<'bed', BedState, BedMove>;

export type AnyTrace = Trace | LoomTrace | BedTrace;
export type AnyState = HandState | LoomState | BedState;
export type AnyMove = Move | LoomMove | BedMove;
export type AnySimulated = Simulated<AnyState, AnyMove>;

/** Runs moves on a tool that is at hand; see `run`. */
export const runOn = (tool: AnySimulated, moves: readonly AnyMove[], start: AnyState): AnyTrace =>
	run(tool, moves, start) as AnyTrace;

/** Other moves from the same start, on the same tool. Throws a RangeError where the trace was not run here but read. */
export function again({ on, start }: AnyTrace, moves: readonly AnyMove[]): AnyTrace {
	if (!on) throw new RangeError('What was read from elsewhere is run again with `simulate`.');
	return runOn(on as AnySimulated, moves, start);
}
