/** Cubic curves: one a strand, from where it leaves the fabric to where it arrives. */

import { num } from './shapes.ts';

export interface Point {
	readonly x: number;
	readonly y: number;
}

export type Cubic = readonly [Point, Point, Point, Point];

/** Leaves `from` and reaches `to` upright, the way a strand leaves one row and enters the next. */
export function upright(from: Point, to: Point, stiffness = 0.5): Cubic {
	const reach = (to.y - from.y) * stiffness;
	return [from, { x: from.x, y: from.y + reach }, { x: to.x, y: to.y - reach }, to];
}

const mix = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });

/** The part of the curve between two parameters, by de Casteljau's construction. */
export function between(c: Cubic, t0: number, t1: number): Cubic {
	const upTo = splitAt(c, t1)[0];
	return t0 === 0 ? upTo : splitAt(upTo, t0 / t1)[1];
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

/** Samples enough for meeting points that are right to a fraction of a strand's width. */
const SAMPLES = 24;

export interface Meeting extends Point {
	/** Parameters on the first and the second curve. */
	readonly t: number;
	readonly u: number;
}

/** The first place where two curves meet, or `undefined`. Both are sampled as polylines. */
export function meeting(one: Cubic, other: Cubic): Meeting | undefined {
	const p = samples(one);
	const q = samples(other);
	for (let i = 0; i < SAMPLES; i++) {
		for (let j = 0; j < SAMPLES; j++) {
			const hit = segments(p[i]!, p[i + 1]!, q[j]!, q[j + 1]!);
			if (hit) return { ...hit.at, t: (i + hit.s) / SAMPLES, u: (j + hit.r) / SAMPLES };
		}
	}
	return undefined;
}

const samples = (c: Cubic): Point[] => Array.from({ length: SAMPLES + 1 }, (_, i) => pointAt(c, i / SAMPLES));

function segments(a: Point, b: Point, c: Point, d: Point): { at: Point; s: number; r: number } | undefined {
	const det = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
	if (det === 0) return undefined;
	const s = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / det;
	const r = ((c.x - a.x) * (b.y - a.y) - (c.y - a.y) * (b.x - a.x)) / det;
	return s >= 0 && s <= 1 && r >= 0 && r <= 1 ? { at: mix(a, b, s), s, r } : undefined;
}
