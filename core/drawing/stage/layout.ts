/**
 * Where everything on the stage stands, in numbers only. The place of a loop in
 * the row is its slot, so strands cross in the picture exactly where loops
 * changed order in the trace. Nothing here knows about colours.
 */

import type { StitchNumber } from '../../crossing/index.ts';
import { loopsOn, type HandState, type HolderId, type Loop } from '../../handling/index.ts';
import type { Point } from '../curve.ts';

/** Units of the picture; the page scales it. */
export const WIDTH = 820;
export const HEIGHT = 500;

/** Purl ground drawn on each side of the crossing. */
export const GROUND = 2;

const NEEDLE_Y = 112;
const FRONT_HOLDER_Y = 226;
const BACK_HOLDER_Y = 168;
const DEPTH_STEP = 30;
const LOOSE_Y = 190;
const ENTERED_DROP = 20;
/** Height at which live loops leave the fabric. */
export const FABRIC_TOP = 306;
export const ROW_PITCH = 27;
export const ROWS = 5;

const WIDEST_STEP = 58;
const MARGIN = 120;

export interface Head extends Point {
	readonly loop: Loop | undefined;
	/** `undefined` for ground. */
	readonly stitch: StitchNumber | undefined;
	/** Where its column stands in the fabric. */
	readonly baseX: number;
}

export interface HolderPlace {
	readonly id: HolderId;
	readonly side: 'front' | 'back';
	readonly outer: boolean;
	readonly from: number;
	readonly to: number;
	readonly y: number;
}

export interface NeedlePlace {
	readonly tip: Point;
	/** Where it leaves the picture. */
	readonly end: Point;
	/** Set while the right needle is in loops of the left one. */
	readonly entered?: 'front' | 'behind';
}

export interface StageLayout {
	/** Distance between neighbouring slots. */
	readonly step: number;
	readonly strand: number;
	readonly heads: readonly Head[];
	readonly holders: readonly HolderPlace[];
	readonly left: NeedlePlace;
	readonly right: NeedlePlace;
	/** The loop that the working yarn comes from, and its side of the needles. */
	readonly yarn: { readonly from: Point; readonly side: 'front' | 'behind' };
}

/** A needle rises a little from its tip towards the hand. */
const lift = (fromTip: number): number => Math.abs(fromTip) * 0.03;

export function layoutStage(state: HandState): StageLayout {
	const n = state.loops.length;
	const slots = n + 2 * GROUND;
	const step = Math.min(WIDEST_STEP, (WIDTH - 2 * MARGIN) / slots);
	const slotX = (slot: number): number => WIDTH / 2 + ((slots - 1) / 2 - slot) * step;

	const onRight = loopsOn(state, 'right').length;
	const onLeft = loopsOn(state, 'left').length;
	const between = n - onRight - onLeft;
	// The tips keep a little room between them even when nothing hangs there.
	const apart = between === 0 ? step * 0.42 : 0;
	const boundaryRight = slotX(GROUND + onRight - 0.5) + apart;
	const boundaryLeft = slotX(GROUND + onRight + between - 0.5) - apart;
	const rightTip: Point = { x: boundaryRight - step * (between === 0 ? 0.1 : 0.45), y: NEEDLE_Y + 8 };
	const leftTip: Point = { x: boundaryLeft + step * (between === 0 ? 0.1 : 0.45), y: NEEDLE_Y + 4 };
	const leftY = (x: number): number => leftTip.y - lift(leftTip.x - x);
	const rightY = (x: number): number => rightTip.y - lift(x - rightTip.x);

	const holderY = (loop: Loop): number => {
		const holder = state.holders[loop.on as HolderId]!;
		const outward = holder.depth === 'outer' ? DEPTH_STEP : 0;
		return holder.side === 'front' ? FRONT_HOLDER_Y + outward : BACK_HOLDER_Y - outward;
	};
	const place = (loop: Loop, slot: number): Point => {
		const x = slotX(slot);
		if (loop.on === 'right') return { x: x + apart, y: rightY(x) };
		if (loop.on === 'left') return { x: x - apart, y: leftY(x) };
		if (loop.on === 'loose') return { x, y: LOOSE_Y };
		return { x, y: holderY(loop) };
	};

	const loopHeads = state.loops.map((loop, i): Head => ({
		loop,
		stitch: loop.stitch,
		baseX: slotX(GROUND + loop.stitch - 1),
		...place(loop, GROUND + i),
	}));
	const groundHeads = Array.from({ length: GROUND }, (_, i) => i).flatMap((i): Head[] => {
		const rightX = slotX(i) + apart;
		const leftSlot = slots - 1 - i;
		const leftX = slotX(leftSlot) - apart;
		return [
			{ loop: undefined, stitch: undefined, baseX: slotX(i), x: rightX, y: rightY(rightX) },
			{ loop: undefined, stitch: undefined, baseX: slotX(leftSlot), x: leftX, y: leftY(leftX) },
		];
	});

	const entered = state.loops.filter((l) => l.entered);
	const lastOnRight = loopHeads.findLast((h) => h.loop?.on === 'right');
	const firstGround = { x: slotX(GROUND - 1) + apart, y: rightY(slotX(GROUND - 1)) };
	return {
		step,
		strand: step * 0.225,
		heads: [...groundHeads, ...loopHeads],
		holders: holderPlaces(state, loopHeads, step),
		left: { tip: leftTip, end: { x: 0, y: leftTip.y - lift(leftTip.x) } },
		right:
			entered.length > 0
				? enteredNeedle(loopHeads, step)
				: { tip: rightTip, end: { x: WIDTH, y: rightTip.y - lift(WIDTH - rightTip.x) } },
		yarn: { from: lastOnRight ? { x: lastOnRight.x, y: lastOnRight.y } : firstGround, side: state.yarn },
	};
}

function holderPlaces(state: HandState, heads: readonly Head[], step: number): HolderPlace[] {
	return (Object.keys(state.holders) as HolderId[]).map((id) => {
		const { side, depth } = state.holders[id]!;
		const held = heads.filter((h) => h.loop?.on === id);
		const xs = held.map((h) => h.x);
		const reach = Math.max(step * 0.95, 42);
		return {
			id,
			side,
			outer: depth === 'outer',
			from: Math.min(...xs) - reach,
			to: Math.max(...xs) + reach,
			y: held[0]!.y,
		};
	});
}

/** The right needle while it is in loops that the left needle still carries. */
function enteredNeedle(heads: readonly Head[], step: number): NeedlePlace {
	const inLoops = heads.filter((h) => h.loop?.entered);
	const tipX = Math.min(...inLoops.map((h) => h.x)) - step * 0.55;
	const y = inLoops[0]!.y + ENTERED_DROP;
	return {
		tip: { x: tipX, y },
		end: { x: WIDTH, y: y + (WIDTH - tipX) * 0.02 - 24 },
		entered: inLoops[0]!.loop!.entered!.from,
	};
}
