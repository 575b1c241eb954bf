/** Counts by which ways are compared; nobody has to argue. */

import type { Move } from './moves.ts';
import type { HolderId } from './state.ts';
import type { BedMove } from './bed/moves.ts';
import type { LoomMove } from './loom/moves.ts';
import type { AnyTrace, BedTrace, LoomTrace, Trace } from './trace.ts';

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

/** What was done on any tool, by the same counts. */
export function tally(trace: AnyTrace): Tally {
	switch (trace.tool) {
		case 'needles':
			return byHand(trace);
		case 'loom':
			return atLoom(trace);
		case 'bed':
			return atBed(trace);
	}
}

function byHand(trace: Trace): Tally {
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

/** Loops in the fingers count as loose: nothing but the hand holds them. */
function atLoom({ steps, start }: LoomTrace): Tally {
	const kinds: readonly LoomMove['kind'][] = ['park', 'shift', 'seat'];
	const transfers = steps.filter(({ move }) => kinds.includes(move.kind)).length;
	const loose = steps.map(({ state }) => state.loops.filter((l) => l.parked?.by === 'fingers').length);
	const by = steps.flatMap(({ move }) => (move.kind === 'park' ? [move.by] : []));
	return {
		moves: steps.length,
		transfers,
		transfersPerStitch: transfers / start.pegs,
		mostLoose: Math.max(0, ...loose),
		looseMoves: loose.reduce((sum, l) => sum + l, 0),
		yarnShifts: 0,
		tools: new Set(by.filter((b) => b === 'pin' || b === 'holder')).size,
	};
}

function atBed({ steps, start }: BedTrace): Tally {
	const kinds: readonly BedMove['kind'][] = ['pick-up', 'put-down'];
	const transfers = steps.filter(({ move }) => kinds.includes(move.kind)).length;
	return {
		moves: steps.length,
		transfers,
		// Those at both ends are the ground.
		transfersPerStitch: transfers / (start.needles.length - 2),
		mostLoose: 0,
		looseMoves: 0,
		yarnShifts: 0,
		tools: new Set(steps.flatMap(({ move }) => (move.kind === 'pick-up' ? [move.tool] : []))).size,
	};
}
