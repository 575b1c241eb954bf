/**
 * Live loops: two legs from the fabric to a top that goes over its tool. The
 * legs take part in the weave; the top is wrapped round the tool it hangs on.
 */

import { upright, type Cubic } from '../curve.ts';
import { num, type Shape } from '../shapes.ts';
import { paintStrand, type StrandStyle } from '../strand.ts';
import { SANDWICH } from './depths.ts';
import { paintKnit, paintPurl } from './rows-below.ts';
import { FABRIC_TOP, type Head } from './layout.ts';

export const TOP_RISE = 17;
const NECK = 22;
/** Where the old loop of a worked stitch opens, and where it closes, below the tool. */
const COLLAR_TOP = 36;
const COLLAR_FOOT = 66;
const PURL_FOOT = 54;

export interface LoopShape {
	readonly legs: readonly [Cubic, Cubic];
	/** Where the legs hand over to the top. */
	readonly neckY: number;
}

/**
 * The two legs, left first. Legs of a worked stitch end at the old loop, which sits below the tool.
 * `bow`: how far they bend aside on their way.
 */
export function legsOf(head: Head, step: number, bow = 0): LoopShape {
	const done = head.loop?.done;
	const worked = done !== undefined;
	const workedFoot = done?.stitch === 'p' ? PURL_FOOT : COLLAR_FOOT;
	const neckY = head.y + (worked ? workedFoot : NECK);
	const open = worked ? step * 0.1 : step * 0.185;
	const foot = step * 0.1;
	const leg = (dir: 1 | -1): Cubic =>
		upright(
			head.foot ? { x: head.foot.x + dir * foot, y: head.foot.y } : { x: head.baseX + dir * foot, y: FABRIC_TOP + 8 },
			{ x: head.x + dir * open, y: neckY },
			bow,
		);
	return { legs: [leg(-1), leg(1)], neckY };
}

export interface TopPaint {
	readonly head: Head;
	readonly style: StrandStyle;
	readonly step: number;
	readonly strand: number;
	/** The layers of the furthest and the nearest tool in the loop; the top lies around both. */
	readonly backLayer: number;
	readonly frontLayer: number;
	/** Mirrors which leg lies in front: a turned mount. */
	readonly turned: boolean;
}

/**
 * The top of a loop. Its right half, the leading leg of the usual mount, lies in
 * front of the tool and its left half behind; a turned mount is the other way.
 */
export function paintTop({ head, style, step, strand, backLayer, frontLayer, turned }: TopPaint): Shape[] {
	const open = step * 0.185;
	const { x, y } = head;
	// A worked loop comes out of the old one, so it starts narrow and lower.
	const worked = head.loop?.done !== undefined;
	const bottom = y + (worked ? COLLAR_TOP + 14 : NECK);
	const foot = worked ? step * 0.1 : open;
	const top = y - TOP_RISE;
	const half = (dir: 1 | -1, depth: number): Shape[] =>
		paintStrand(style, {
			d: `M${num(x + dir * foot)} ${num(bottom)}C${num(x + dir * open * 1.2)} ${num(y + 12)} ${num(x + dir * open * 1.25)} ${num(top)} ${num(x - dir * 0.5)} ${num(top)}`,
			width: strand,
			depth,
			role: 'top',
			...(head.stitch === undefined ? {} : { stitch: head.stitch }),
			cap: 'butt',
		});
	const front = turned ? -1 : 1;
	return [...half(front === 1 ? -1 : 1, backLayer + SANDWICH.back), ...half(front, frontLayer + SANDWICH.front)];
}

/** The old loop of a worked stitch, around the foot of the new one. */
export function paintCollar({ head, style, step, backLayer, frontLayer }: TopPaint): Shape[] {
	const done = head.loop?.done;
	if (!done) return [];
	const y = head.y + COLLAR_TOP;
	const height = COLLAR_FOOT - COLLAR_TOP;
	const under = backLayer - 0.5;
	// A purl's old loop lies across the front of the new one.
	if (done.stitch === 'p') return paintPurl(head.x, y + 12, step, style, frontLayer + SANDWICH.front + 0.5);
	if (!done.twisted) return paintKnit(head.x, y, step, style, under, height);
	// Twisted: the two halves change sides at the foot.
	const arm = (dir: 1 | -1): Shape[] =>
		paintStrand(style, {
			d: `M${num(head.x + dir * step * 0.27)} ${num(y)}C${num(head.x + dir * step * 0.2)} ${num(y + height * 0.5)} ${num(head.x - dir * step * 0.16)} ${num(y + height * 0.5)} ${num(head.x - dir * step * 0.14)} ${num(y + height)}`,
			width: step * 0.2,
			depth: under + (dir === 1 ? 0.01 : 0),
			role: 'top',
			cap: 'round',
		});
	return [...arm(-1), ...arm(1)];
}
