/** Cubic curves: one a strand, from where it leaves the fabric to where it arrives. */

import { num } from './shapes.ts';

export interface Point {
	readonly x: number;
	readonly y: number;
}

export type Cubic = readonly [Point, Point, Point, Point];

/**
 * Leaves `from` and reaches `to` upright, the way a strand leaves one row and enters the next.
 * Halfway it lies `bow` aside of where it would go by itself.
 */
export function upright(from: Point, to: Point, bow = 0): Cubic {
	const reach = (to.y - from.y) / 2;
	// Both inner points together carry three quarters of the weight at the middle.
	const aside = bow / 0.75;
	return [from, { x: from.x + aside, y: from.y + reach }, { x: to.x + aside, y: to.y - reach }, to];
}

const mix = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });

/** The part of the curve between two parameters, by de Casteljau's construction. */
export function between(c: Cubic, t0: number, t1: number): Cubic {
	const upTo = splitAt(c, t1)[0];
	return t0 === 0 || t1 === 0 ? upTo : splitAt(upTo, t0 / t1)[1];
}

function splitAt([a, b, c, d]: Cubic, t: number): readonly [Cubic, Cubic] {
	const [ab, bc, cd] = [mix(a, b, t), mix(b, c, t), mix(c, d, t)];
	const [abc, bcd] = [mix(ab, bc, t), mix(bc, cd, t)];
	const mid = mix(abc, bcd, t);
	return [
		[a, ab, abc, mid],
		[mid, bcd, cd, d],
	];
}

export function pointAt(c: Cubic, t: number): Point {
	return splitAt(c, t)[0][3];
}

export const pathOf = ([a, b, c, d]: Cubic): string =>
	`M${num(a.x)} ${num(a.y)}C${num(b.x)} ${num(b.y)} ${num(c.x)} ${num(c.y)} ${num(d.x)} ${num(d.y)}`;

export const shifted = ([a, b, c, d]: Cubic, x: number, y: number): Cubic => {
	const move = (p: Point): Point => ({ x: p.x + x, y: p.y + y });
	return [move(a), move(b), move(c), move(d)];
};

/** Samples enough for meeting points that are right to a fraction of a strand's width. */
const SAMPLES = 24;

export interface Meeting extends Point {
	/** Parameters on the first and the second curve. */
	readonly t: number;
	readonly u: number;
}

/** A curve as a chain of points, with the box around them: what meetings are looked for in. */
export interface Chain {
	readonly points: readonly Point[];
	readonly left: number;
	readonly right: number;
	readonly top: number;
	readonly bottom: number;
}

export function chainOf(c: Cubic): Chain {
	const points = Array.from({ length: SAMPLES + 1 }, (_, i) => pointAt(c, i / SAMPLES));
	const xs = points.map((p) => p.x);
	const ys = points.map((p) => p.y);
	return { points, left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
}

const apart = (a: number, b: number, c: number, d: number): boolean =>
	Math.max(a, b) < Math.min(c, d) || Math.max(c, d) < Math.min(a, b);

/** The first place where two curves meet, or `undefined`. */
export function meeting(one: Chain, other: Chain): Meeting | undefined {
	if (apart(one.left, one.right, other.left, other.right) || apart(one.top, one.bottom, other.top, other.bottom)) {
		return undefined;
	}
	for (let i = 0; i < SAMPLES; i++) {
		const [a, b] = [one.points[i]!, one.points[i + 1]!];
		for (let j = 0; j < SAMPLES; j++) {
			const [c, d] = [other.points[j]!, other.points[j + 1]!];
			if (apart(a.y, b.y, c.y, d.y) || apart(a.x, b.x, c.x, d.x)) continue;
			const hit = segments(a, b, c, d);
			if (hit) return { ...hit.at, t: (i + hit.s) / SAMPLES, u: (j + hit.r) / SAMPLES };
		}
	}
	return undefined;
}

function segments(a: Point, b: Point, c: Point, d: Point): { at: Point; s: number; r: number } | undefined {
	const det = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
	if (det === 0) return undefined;
	const s = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / det;
	const r = ((c.x - a.x) * (b.y - a.y) - (c.y - a.y) * (b.x - a.x)) / det;
	return s >= 0 && s <= 1 && r >= 0 && r <= 1 ? { at: mix(a, b, s), s, r } : undefined;
}
