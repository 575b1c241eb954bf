/** One way to run moves, whatever tool they are for: the state says which. */

import type { BedMove } from './bed/moves.ts';
import { BED } from './bed/simulated.ts';
import type { BedState } from './bed/state.ts';
import type { LoomMove } from './loom/moves.ts';
import { LOOM } from './loom/simulated.ts';
import type { LoomState } from './loom/state.ts';
import type { Move } from './moves.ts';
import { NEEDLES } from './needles.ts';
import type { Tool } from './run.ts';
import type { HandState } from './state.ts';
import {
	runOn,
	type AnyMove,
	type AnySimulated,
	type AnyState,
	type AnyTrace,
	type BedTrace,
	type LoomTrace,
	type Trace,
} from './trace.ts';

const TOOLS: Readonly<Record<Tool, AnySimulated>> = { needles: NEEDLES, loom: LOOM, bed: BED };

/**
 * Runs the moves on the tool that the state is of; see `run`. Moves of another tool stop it at once,
 * with the reason.
 */
export function simulate(moves: readonly Move[], start: HandState): Trace;
export function simulate(moves: readonly LoomMove[], start: LoomState): LoomTrace;
export function simulate(moves: readonly BedMove[], start: BedState): BedTrace;
export function simulate(moves: readonly AnyMove[], start: AnyState): AnyTrace;
export function simulate(moves: readonly AnyMove[], start: AnyState): AnyTrace {
	return runOn(TOOLS[start.tool], moves, start);
}
