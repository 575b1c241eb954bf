/** Counts by which ways are compared; nobody has to argue. */

import type { HolderId } from './state.ts';
import type { Trace } from './simulate.ts';

export interface Tally {
	readonly moves: number;
	/** The most loops on no tool at one moment. */
	readonly mostLoose: number;
	readonly yarnShifts: number;
	/** Holders used. */
	readonly tools: number;
}

export function tally(trace: Trace): Tally {
	const tools = new Set<HolderId>();
	let mostLoose = 0;
	let yarnShifts = 0;
	for (const { move, state } of trace.steps) {
		if (move.kind === 'hold') tools.add(move.holder);
		if (move.kind === 'yarn') yarnShifts += 1;
		mostLoose = Math.max(mostLoose, state.loops.filter((l) => l.on === 'loose').length);
	}
	return { moves: trace.steps.length, mostLoose, yarnShifts, tools: tools.size };
}
