/**
 * A simulated loom: pegs in a row, the knit side towards the worker, and every loop of one crossing.
 *
 * Pegs are numbered from the right, like the stitches that start on them. `loops` runs along the row
 * from right to left; loops on pegs stand in it in the order of their pegs, and a parked loop stands
 * where it was lifted until something is led past it. Every stitch is in it once, or in `lost`, or its peg is
 * still bare.
 *
 * Everything is plain data: a state is JSON as it stands.
 */

import type { StitchNumber } from '../../crossing/index.ts';

/** One row of pegs, or a closed one that has pegs across the gap. */
export const LOOM_SHAPES = ['rake', 'round'] as const;
export type LoomShape = (typeof LOOM_SHAPES)[number];

/** The way in which the row is wrapped. */
export const WRAP_WAYS = ['leftwards', 'rightwards'] as const;
export type WrapWay = (typeof WRAP_WAYS)[number];

/** Where a parked loop hangs: behind the pegs, on a peg across the gap, or on the worker's side. */
export type ParkSide = 'inside' | 'across' | 'outside';
export type ParkTool = 'peg' | 'pin' | 'fingers' | 'holder';

export interface Parked {
	readonly side: ParkSide;
	readonly by: ParkTool;
}

/** Loops that each thing carries without letting one slip. Assumed, after common practice. */
export const ROOM: Readonly<Record<ParkTool, number>> = { peg: 3, pin: 3, fingers: 2, holder: 6 };

/** The most pegs that are wrapped at once: over more, the yarn is too short to be lifted over. */
export const MOST_WRAPPED = 2;

export interface PegLoop {
	readonly stitch: StitchNumber;
	/** The peg that it is on, from 1; `undefined` while it is parked. */
	readonly peg: number | undefined;
	readonly parked?: Parked;
	/** Towards the worker is positive: outside 1, on a peg 0, inside -1, across -2. */
	readonly plane: number;
	/** It goes all round its peg; hooked over one side, it hangs up and is not knitted off. */
	readonly round: boolean;
	/** Pegs of yarn that it took from its neighbours on its way, and did not give back yet. */
	readonly borrowed: number;
	/** The yarn lies over it, round its peg. */
	readonly wrapped: boolean;
	readonly done?: 'k' | 'p';
}

export interface LoomState {
	readonly tool: 'loom';
	readonly shape: LoomShape;
	readonly direction: WrapWay;
	/** From peg to peg, in millimetres. */
	readonly gauge: number;
	/** Pegs under the crossing; those beside it are not told. */
	readonly pegs: number;
	readonly loops: readonly PegLoop[];
	/** The stitch beyond the crossing is knitted off, so that the working yarn comes out of none of these loops. */
	readonly beyond: boolean;
	/** Nothing was knitted before: the loops hang from their cast-on, or their pegs are bare. */
	readonly isCastOn?: true;
	readonly lost: readonly StitchNumber[];
}

export interface LoomSet {
	readonly shape?: LoomShape;
	readonly direction?: WrapWay;
	readonly gauge?: number;
}

/** Pegs a finger's width apart: mid gauge. Finer and wider ones as looms have them, in millimetres. */
export const MID_GAUGE = 10;
export const PEG_GAUGES: readonly number[] = [6, MID_GAUGE, 14, 19];

/** `n` loops, each round its own peg, before their row is knitted. */
export const loomState = (
	n: number,
	{ shape = 'round', direction = 'leftwards', gauge = MID_GAUGE }: LoomSet = {},
): LoomState => ({
	tool: 'loom',
	shape,
	direction,
	gauge,
	pegs: n,
	loops: Array.from({ length: n }, (_, i) => ({
		stitch: i + 1,
		peg: i + 1,
		plane: 0,
		round: true,
		borrowed: 0,
		wrapped: false,
	})),
	beyond: false,
	lost: [],
});

/** The same before anything is cast on. */
export const bareLoom = (state: LoomState): LoomState => ({ ...state, loops: [], isCastOn: true });

/**
 * Pegs that wait for their first loop, in the order in which they are cast on, so that the yarn ends where the row
 * begins: on a rake the row comes back the other way, on a round loom it goes on.
 */
export function barePegs({ pegs, loops, lost, shape, direction, isCastOn }: LoomState): readonly number[] {
	if (!isCastOn) return [];
	const bare: number[] = [];
	for (let peg = 1; peg <= pegs; peg += 1)
		if (!lost.includes(peg) && !loops.some((l) => l.stitch === peg)) bare.push(peg);
	return (direction === 'leftwards') === (shape === 'round') ? bare : bare.reverse();
}

export const planeOfParked = (side: ParkSide): number => ({ outside: 1, inside: -1, across: -2 })[side];

export const onPeg = (state: LoomState, peg: number): PegLoop | undefined => state.loops.find((l) => l.peg === peg);
