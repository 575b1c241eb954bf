/** Counts by which ways are compared; nobody has to argue. */

import type { Move } from './moves.ts';
import type { HolderId } from './state.ts';
import type { Trace } from './simulate.ts';

export interface Tally {
	/** All of them: transfers, stitches worked, yarn shifts. */
	readonly moves: number;
	/** Moves that neither work a stitch nor shift the yarn. */
	readonly transfers: number;
	/** Transfers for each stitch of the crossing. */
	readonly transfersPerStitch: number;
	/** The most loops on no tool at one moment. */
	readonly mostLoose: number;
	/** Loose loops after each move, added up: how many for how long. */
	readonly looseMoves: number;
	readonly yarnShifts: number;
	/** Holders used. */
	readonly tools: number;
}

export const isTransfer = ({ kind }: Move): boolean => kind !== 'work' && kind !== 'yarn' && kind !== 'lose';

export function tally(trace: Trace): Tally {
	const tools = new Set<HolderId>();
	let mostLoose = 0;
	let looseMoves = 0;
	let yarnShifts = 0;
	let transfers = 0;
	for (const { move, state } of trace.steps) {
		if (move.kind === 'hold') tools.add(move.holder);
		if (move.kind === 'yarn') yarnShifts += 1;
		if (isTransfer(move)) transfers += 1;
		const loose = state.loops.filter((l) => l.on === 'loose').length;
		mostLoose = Math.max(mostLoose, loose);
		looseMoves += loose;
	}
	const { steps, start } = trace;
	const transfersPerStitch = transfers / Math.max(1, start.loops.length);
	return { moves: steps.length, transfers, transfersPerStitch, mostLoose, looseMoves, yarnShifts, tools: tools.size };
}
