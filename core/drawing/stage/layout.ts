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

/** Room for an old loop on the left needle, in slots, and how far below it the new one comes out of it. */
const KEPT_STEP = 0.62;
const KEPT_FOOT = 26;

const WIDEST_STEP = 58;
const MARGIN = 120;

export interface Head extends Point {
	readonly loop: Loop | undefined;
	/** `undefined` for ground. */
	readonly stitch: StitchNumber | undefined;
	/** Where its column stands in the fabric. */
	readonly baseX: number;
	/** Where its legs begin when it does not come out of the fabric: in its own old loop, which was not let off yet. */
	readonly foot?: Point;
	/** An old loop on the left needle, of a stitch that is worked. */
	readonly old?: boolean;
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
	/** Set while it is in loops of the other needle. */
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
	/** Columns whose loops ran down. */
	readonly lost: readonly { readonly stitch: StitchNumber; readonly x: number }[];
	/** The loop that the working yarn comes from, and its side of the needles. */
	readonly yarn: { readonly from: Point; readonly side: 'front' | 'behind' };
}

/** A needle rises a little from its tip towards the hand. */
const lift = (fromTip: number): number => Math.abs(fromTip) * 0.03;

export function layoutStage(state: HandState): StageLayout {
	const n = state.loops.length + state.lost.length;
	const slots = n + 2 * GROUND;
	const step = Math.min(WIDEST_STEP, (WIDTH - 2 * MARGIN) / slots);
	const slotX = (slot: number): number => WIDTH / 2 + ((slots - 1) / 2 - slot) * step;

	const onRight = loopsOn(state, 'right').length;
	const onLeft = loopsOn(state, 'left').length;
	const between = state.loops.length - onRight - onLeft;
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
	// Old loops crowd the left needle: all but the stitch that stands before them move along it.
	const crowd = state.kept.length * KEPT_STEP * step;
	const first = loopsOn(state, 'left')[0];
	const standsBefore = first !== undefined && state.kept.some((k) => k.after === first.stitch);
	const alongLeft = (x: number): Point => ({ x: x - apart - crowd, y: leftY(x - crowd) });
	const place = (loop: Loop, slot: number): Point => {
		const x = slotX(slot);
		if (loop.on === 'right') return { x: x + apart, y: rightY(x) };
		if (loop.on === 'left') return standsBefore && loop === first ? { x: x - apart, y: leftY(x) } : alongLeft(x);
		if (loop.on === 'loose') return { x, y: LOOSE_Y };
		return { x, y: holderY(loop) };
	};

	const columnX = (stitch: StitchNumber): number => slotX(GROUND + stitch - 1);
	const keptFrom = standsBefore ? slotX(GROUND + onRight + between) - apart : boundaryLeft + step * 0.2;
	const oldHeads = state.kept.map(({ stitch }, i): Head => {
		const x = keptFrom - (i + 1) * KEPT_STEP * step;
		return { loop: undefined, stitch, baseX: columnX(stitch), x, y: leftY(x), old: true };
	});
	const loopHeads = state.loops.map((loop, i): Head => {
		const old = oldHeads.find((h) => h.stitch === loop.stitch);
		return {
			loop,
			stitch: loop.stitch,
			baseX: columnX(loop.stitch),
			...place(loop, GROUND + i),
			...(old ? { foot: { x: old.x, y: old.y + KEPT_FOOT } } : {}),
		};
	});
	const groundHeads = Array.from({ length: GROUND }, (_, i) => i).flatMap((i): Head[] => {
		const rightX = slotX(i) + apart;
		const leftSlot = slots - 1 - i;
		return [
			{ loop: undefined, stitch: undefined, baseX: slotX(i), x: rightX, y: rightY(rightX) },
			{ loop: undefined, stitch: undefined, baseX: slotX(leftSlot), ...alongLeft(slotX(leftSlot)) },
		];
	});

	const entering = state.loops.find((l) => l.entered)?.entered?.needle;
	const lastOnRight = loopHeads.findLast((h) => h.loop?.on === 'right');
	const firstGround = { x: slotX(GROUND - 1) + apart, y: rightY(slotX(GROUND - 1)) };
	return {
		step,
		strand: step * 0.225,
		heads: [...groundHeads, ...oldHeads, ...loopHeads],
		holders: holderPlaces(state, loopHeads, step),
		left:
			entering === 'left'
				? enteredNeedle(loopHeads, step, 'left')
				: { tip: leftTip, end: { x: 0, y: leftTip.y - lift(leftTip.x) } },
		right:
			entering === 'right'
				? enteredNeedle(loopHeads, step, 'right')
				: { tip: rightTip, end: { x: WIDTH, y: rightTip.y - lift(WIDTH - rightTip.x) } },
		lost: state.lost.map((stitch) => ({ stitch, x: columnX(stitch) })),
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

/** A needle while it is in loops that the other one still carries. */
function enteredNeedle(heads: readonly Head[], step: number, needle: 'left' | 'right'): NeedlePlace {
	const inLoops = heads.filter((h) => h.loop?.entered);
	const xs = inLoops.map((h) => h.x);
	const y = inLoops[0]!.y + ENTERED_DROP;
	const tipX = needle === 'right' ? Math.min(...xs) - step * 0.55 : Math.max(...xs) + step * 0.55;
	const endX = needle === 'right' ? WIDTH : 0;
	return {
		tip: { x: tipX, y },
		end: { x: endX, y: y + Math.abs(endX - tipX) * 0.02 - 24 },
		entered: inLoops[0]!.loop!.entered!.from,
	};
}
