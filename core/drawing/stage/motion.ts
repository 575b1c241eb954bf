/** Between two states of the hands: everything on its way from where it stood to where it will stand. */

import type { Point } from '../curve.ts';
import type { Head, HolderPlace, NeedlePlace, StageLayout } from './layout.ts';

/** Slow away and slow home, as hands move; 0 to 1. */
const eased = (t: number): number => t * t * (3 - 2 * t);

const mix = (a: number, b: number, t: number): number => a + (b - a) * t;
const mixPoint = (a: Point, b: Point, t: number): Point => ({ x: mix(a.x, b.x, t), y: mix(a.y, b.y, t) });

const keyOf = (head: Head, i: number): string =>
	head.stitch === undefined ? `ground ${i}` : `${head.old ? 'old' : 'loop'} ${head.stitch}`;

const mixNeedle = (now: NeedlePlace, a: NeedlePlace, b: NeedlePlace, t: number): NeedlePlace => ({
	...now,
	tip: mixPoint(a.tip, b.tip, t),
	end: mixPoint(a.end, b.end, t),
});

/**
 * The layout `t` of the way from `a` to `b` (0 to 1). What hangs on what changes in the middle; places
 * change all along. What is only in one of the two appears or goes in the middle.
 */
export function layoutBetween(a: StageLayout, b: StageLayout, t: number): StageLayout {
	if (t <= 0) return a;
	if (t >= 1) return b;
	const at = eased(t);
	const [now, other] = t < 0.5 ? [a, b] : [b, a];
	const toward = t < 0.5 ? at : 1 - at;
	const heads = new Map(other.heads.map((h, i) => [keyOf(h, i), h]));
	const holders = new Map(other.holders.map((h) => [h.id, h]));
	return {
		...now,
		step: mix(a.step, b.step, at),
		strand: mix(a.strand, b.strand, at),
		heads: now.heads.map((head, i): Head => {
			const end = heads.get(keyOf(head, i));
			if (!end) return head;
			const foot = head.foot && end.foot ? { foot: mixPoint(head.foot, end.foot, toward) } : {};
			return { ...head, ...mixPoint(head, end, toward), baseX: mix(head.baseX, end.baseX, toward), ...foot };
		}),
		holders: now.holders.map((h): HolderPlace => {
			const end = holders.get(h.id);
			if (!end) return h;
			return {
				...h,
				from: mix(h.from, end.from, toward),
				to: mix(h.to, end.to, toward),
				y: mix(h.y, end.y, toward),
			};
		}),
		left: mixNeedle(now.left, a.left, b.left, at),
		right: mixNeedle(now.right, a.right, b.right, at),
		yarn: { ...now.yarn, from: mixPoint(a.yarn.from, b.yarn.from, at) },
	};
}
