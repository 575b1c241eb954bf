/** One way to run moves, whatever tool they are for: the state says which. */

import { applyMove } from './apply/index.ts';
import { applyOnBed } from './bed/apply.ts';
import type { BedMove } from './bed/moves.ts';
import { bedOutcome } from './bed/outcome.ts';
import type { BedState } from './bed/state.ts';
import { applyOnLoom } from './loom/apply.ts';
import type { LoomMove } from './loom/moves.ts';
import { loomOutcome } from './loom/outcome.ts';
import type { LoomState } from './loom/state.ts';
import type { Move } from './moves.ts';
import { outcomeOf } from './outcome.ts';
import { run, type Run, type RunStep } from './run.ts';
import type { HandState } from './state.ts';

/** The hands with two needles. */
export type Trace = Run<'needles', HandState, Move>;
export type TraceStep = RunStep<HandState, Move>;
export type LoomTrace = Run<'loom', LoomState, LoomMove>;
export type BedTrace = Run<'bed', BedState, BedMove>;

export type AnyTrace = Trace | LoomTrace | BedTrace;
export type AnyState = HandState | LoomState | BedState;
export type AnyMove = Move | LoomMove | BedMove;

/**
 * Runs the moves on the tool that the state is of; see `run`. Moves of another tool stop it at once,
 * with the reason.
 */
export function simulate(moves: readonly Move[], start: HandState): Trace;
export function simulate(moves: readonly LoomMove[], start: LoomState): LoomTrace;
export function simulate(moves: readonly BedMove[], start: BedState): BedTrace;
export function simulate(moves: readonly AnyMove[], start: AnyState): AnyTrace;
export function simulate(moves: readonly AnyMove[], start: AnyState): AnyTrace {
	switch (start.tool) {
		case 'needles':
			return run({ apply: applyMove, outcome: outcomeOf }, moves as readonly Move[], start);
		case 'loom':
			return run({ apply: applyOnLoom, outcome: loomOutcome }, moves as readonly LoomMove[], start);
		case 'bed':
			return run({ apply: applyOnBed, outcome: bedOutcome }, moves as readonly BedMove[], start);
	}
}
