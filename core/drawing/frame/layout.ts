/**
 * Where everything stands on a loom or a bed, in numbers only, as seen on the knit side: stitch 1 at the
 * right. Pegs and needles stand still; loops go from one to another, so that strands cross in the picture
 * where loops changed order in the trace.
 */

import type { StitchNumber } from '../../crossing/index.ts';
import type { BedState, LoomState, Parked, TransferTool } from '../../handling/index.ts';
import type { Point } from '../curve.ts';
import { GROUND, WIDTH } from '../stage/layout.ts';

const WIDEST_STEP = 58;
const MARGIN = 130;

/** Where a loop goes round its peg, and where it lies on a needle's stem. */
export const PEG_Y = 152;
export const NEEDLE_LOOP_Y = 178;
const HANG_Y = 244;
const ACROSS_Y = 62;
const TOOL_Y = 246;

export interface FrameHead extends Point {
	/** `undefined` for ground. */
	readonly stitch: StitchNumber | undefined;
	readonly baseX: number;
	/** What carries it: its own peg or needle, something outside or inside of those, or nothing. */
	readonly on: 'own' | 'outside' | 'inside' | 'across' | 'tool' | 'ladder';
	readonly done?: 'k' | 'p' | undefined;
	/** Wider than its neighbours. */
	readonly large?: boolean;
	/** Not round its peg, or not knitted off. */
	readonly hung?: boolean;
	readonly wrapped?: boolean;
}

/** A bar that parked or lifted loops hang on. */
export interface FrameTool {
	readonly id: string;
	readonly kind: Parked['by'] | 'transfer';
	readonly side: 'outside' | 'inside' | 'across';
	readonly from: number;
	readonly to: number;
	readonly y: number;
	/** The places of its prongs, for a transfer tool. */
	readonly prongs?: readonly number[];
}

export interface FrameLayout {
	readonly step: number;
	readonly strand: number;
	/** Ground and crossing, from the right. */
	readonly slots: readonly number[];
	readonly heads: readonly FrameHead[];
	readonly tools: readonly FrameTool[];
	readonly lost: readonly { readonly stitch: StitchNumber; readonly x: number }[];
}

interface SlotPlaces {
	readonly step: number;
	readonly slots: readonly number[];
	/** Of a peg or a needle of the crossing, from 1. */
	readonly at: (number: number) => number;
}

function placesFor(n: number): SlotPlaces {
	const count = n + 2 * GROUND;
	const step = Math.min(WIDEST_STEP, (WIDTH - 2 * MARGIN) / count);
	const slots = Array.from({ length: count }, (_, slot) => WIDTH / 2 + ((count - 1) / 2 - slot) * step);
	return { step, slots, at: (number) => slots[GROUND + number - 1]! };
}

const groundHeads = ({ slots }: SlotPlaces, y: number): FrameHead[] =>
	slots.flatMap((x, i): FrameHead[] =>
		i < GROUND || i >= slots.length - GROUND ? [{ stitch: undefined, x, y, baseX: x, on: 'own' }] : [],
	);

const around = (xs: readonly number[], reach: number): Pick<FrameTool, 'from' | 'to'> => ({
	from: Math.min(...xs) - reach,
	to: Math.max(...xs) + reach,
});

export function layoutLoom(state: LoomState): FrameLayout {
	const places = placesFor(state.pegs);
	const y = { outside: HANG_Y + 8, inside: HANG_Y - 8, across: ACROSS_Y };
	const heads = state.loops.map((l): FrameHead => {
		const own = l.peg !== undefined;
		return {
			stitch: l.stitch,
			baseX: places.at(l.stitch),
			x: places.at(l.peg ?? l.stitch),
			y: own ? PEG_Y : y[l.parked!.side],
			on: own ? 'own' : l.parked!.side,
			done: l.done,
			large: l.borrowed > 0,
			hung: own && !l.round,
			wrapped: l.wrapped,
		};
	});
	const parked = state.loops.flatMap((l) => (l.parked ? [{ ...l.parked, x: places.at(l.stitch) }] : []));
	const [first] = parked;
	const reach = Math.max(places.step * 0.9, 40);
	return {
		step: places.step,
		strand: places.step * 0.225,
		slots: places.slots,
		heads: [...(state.isCastOn ? [] : groundHeads(places, PEG_Y)), ...heads],
		tools: first
			? [
					{
						id: first.by,
						kind: first.by,
						side: first.side,
						y: y[first.side],
						...around(
							parked.map((p) => p.x),
							reach,
						),
					},
				]
			: [],
		lost: state.lost.map((stitch) => ({ stitch, x: places.at(stitch) })),
	};
}

export function layoutBed(state: BedState): FrameLayout {
	const n = state.needles.length - 2;
	const places = placesFor(n);
	const heads = state.loops.map((l): FrameHead => {
		const base = { stitch: l.stitch, baseX: places.at(l.stitch), done: l.done, hung: l.hung };
		if (typeof l.on === 'number') return { ...base, x: places.at(l.on), y: NEEDLE_LOOP_Y, on: 'own' };
		const x = places.at(state.loops.indexOf(l) + 1);
		if (l.on === 'ladder') return { ...base, x, y: TOOL_Y + 30, on: 'ladder' };
		// While it is lifted it hangs before its own needles.
		return { ...base, x: places.at(l.stitch), y: TOOL_Y, on: 'tool' };
	});
	const tools = (Object.keys(state.tools) as TransferTool[]).map((id): FrameTool => {
		const prongs = state.loops.filter((l) => l.on === id).map((l) => places.at(l.stitch));
		return { id, kind: 'transfer', side: 'outside', y: TOOL_Y, prongs, ...around(prongs, places.step * 0.4) };
	});
	return {
		step: places.step,
		strand: places.step * 0.225,
		slots: places.slots,
		heads: [...(state.isCastOn ? [] : groundHeads(places, NEEDLE_LOOP_Y)), ...heads],
		tools,
		lost: state.lost.map((stitch) => ({ stitch, x: places.at(stitch) })),
	};
}

const mix = (a: number, b: number, t: number): number => a + (b - a) * t;

/** The layout `t` of the way from `a` to `b`: places change all along, what hangs on what in the middle. */
export function frameBetween(a: FrameLayout, b: FrameLayout, t: number): FrameLayout {
	if (t <= 0) return a;
	if (t >= 1) return b;
	const at = t * t * (3 - 2 * t);
	const [now, other] = t < 0.5 ? [a, b] : [b, a];
	const toward = t < 0.5 ? at : 1 - at;
	return {
		...now,
		heads: now.heads.map((head): FrameHead => {
			const end = other.heads.find((h) => h.stitch !== undefined && h.stitch === head.stitch);
			return end ? { ...head, x: mix(head.x, end.x, toward), y: mix(head.y, end.y, toward) } : head;
		}),
	};
}
