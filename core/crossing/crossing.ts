/**
 * A cable crossing, as seen on the right side.
 *
 * Stitches are numbered 1..n from the tip of the left needle, so on a
 * right-side row stitch 1 is the rightmost. Invariants of every value that
 * `crossing()` lets through:
 *
 * - `order` is a permutation of 1..n, in the order in which stitches are worked;
 * - `over` has exactly one entry `[upper, lower]` for every pair whose order is
 *   reversed and none for any other pair, sorted by upper, then lower;
 * - `work[s - 1]` says how stitch s is worked.
 *
 * `over` is a relation on pairs and not one layer number a stitch: three groups
 * may lie over each other in a ring.
 */

import { fail, ok, type Problem, type Result } from '../result.ts';

export const WORKS = ['k', 'p', 'ktbl', 'ptbl'] as const;

/** Knit, purl, and each of them through the back loop. */
export type Work = (typeof WORKS)[number];

/** A stitch's start number: 1 is at the tip of the left needle. */
export type StitchNumber = number;

/** Of two stitches that change order, the one nearer the viewer comes first. */
export type Passing = readonly [upper: StitchNumber, lower: StitchNumber];

export interface Crossing {
	readonly n: number;
	readonly order: readonly StitchNumber[];
	readonly over: readonly Passing[];
	readonly work: readonly Work[];
}

/** The widest crossing that is read, planned or drawn. */
export const MAX_STITCHES = 60;

export interface CrossingParts {
	readonly order: readonly number[];
	readonly over: readonly (readonly [number, number])[];
	/** One work for each stitch; all knit when left out. */
	readonly work?: readonly Work[];
}

export const byUpperThenLower = (a: Passing, b: Passing): number => a[0] - b[0] || a[1] - b[1];

/** Every pair [right, left] (start numbers, right < left) whose order `order` reverses. */
export function reversedPairs(order: readonly StitchNumber[]): (readonly [number, number])[] {
	const pairs: (readonly [number, number])[] = [];
	for (let i = 0; i < order.length; i++) {
		for (let j = i + 1; j < order.length; j++) {
			const first = order[i]!;
			const later = order[j]!;
			if (first > later) pairs.push([later, first]);
		}
	}
	return pairs;
}

/**
 * Checks the parts and makes a crossing of them, with `over` sorted.
 *
 * Problems: `size` (no stitches, or more than {@link MAX_STITCHES}), `order`
 * (not a permutation), `work` (one entry a stitch is wanted), `over` (a
 * reversed pair without its upper, a pair named twice, or one that stays in order).
 */
export function crossing(parts: CrossingParts): Result<Crossing> {
	const n = parts.order.length;
	if (n < 1 || n > MAX_STITCHES) {
		return fail({
			code: 'size',
			what: n < 1 ? 'It has no stitches.' : `It has ${n} stitches.`,
			todo: `Use between 1 and ${MAX_STITCHES} stitches.`,
		});
	}
	if (!isPermutation(parts.order)) {
		return fail({
			code: 'order',
			what: `The order ${parts.order.join(' ')} does not name each stitch from 1 to ${n} once.`,
			todo: 'Name each stitch exactly once.',
		});
	}
	const work = parts.work ?? parts.order.map((): Work => 'k');
	if (work.length !== n) {
		return fail({
			code: 'work',
			what: `${work.length} stitches are given a way to work them, but there are ${n}.`,
			todo: 'Say for each stitch how it is worked.',
		});
	}
	const problems = overProblems(parts.order, parts.over);
	if (problems.length > 0) return fail(...problems);
	const over = parts.over.map(([u, l]): Passing => [u, l]).sort(byUpperThenLower);
	return ok({ n, order: [...parts.order], over, work: [...work] });
}

function isPermutation(order: readonly number[]): boolean {
	const seen = new Set(order);
	return seen.size === order.length && order.every((s) => Number.isInteger(s) && s >= 1 && s <= order.length);
}

/** A key for an unordered pair. */
export const pairKey = (a: number, b: number): string => (a < b ? `${a},${b}` : `${b},${a}`);

function overProblems(order: readonly number[], over: readonly (readonly [number, number])[]): Problem[] {
	const n = order.length;
	const isStitch = (s: number): boolean => Number.isInteger(s) && s >= 1 && s <= n;
	/** One number for a pair of stitches. */
	const keyOf = (a: number, b: number): number => Math.min(a, b) * (n + 1) + Math.max(a, b);
	const missing = new Map(reversedPairs(order).map((pair) => [keyOf(...pair), pair]));
	const problems: Problem[] = [];
	const named = new Set<number>();
	for (const [upper, lower] of over) {
		const key = isStitch(upper) && isStitch(lower) ? keyOf(upper, lower) : Number.NaN;
		if (named.has(key)) {
			problems.push({
				code: 'over',
				what: `Stitches ${upper} and ${lower} cross twice.`,
				todo: 'Say once which of the two is on top.',
			});
		} else if (!missing.delete(key)) {
			problems.push({
				code: 'over',
				what: `Stitches ${upper} and ${lower} keep their order, so neither is on top.`,
				todo: 'Leave that pair out, or change the order.',
			});
		}
		if (!Number.isNaN(key)) named.add(key);
	}
	for (const [a, b] of missing.values()) {
		problems.push({
			code: 'over',
			what: `Stitches ${a} and ${b} change places, and nothing says which is on top.`,
			todo: `Say whether ${a} or ${b} is on top.`,
		});
	}
	return problems;
}

/** Equal in order, over and work. Both must be valid, so `over` is sorted in both. */
export function equal(a: Crossing, b: Crossing): boolean {
	return (
		a.n === b.n &&
		a.order.every((s, i) => s === b.order[i]) &&
		a.work.every((w, i) => w === b.work[i]) &&
		a.over.every(([u, l], i) => u === b.over[i]?.[0] && l === b.over[i]?.[1])
	);
}

/** Whether `upper` lies over `lower`; `undefined` when the two keep their order. */
export function isOver(c: Crossing, upper: StitchNumber, lower: StitchNumber): boolean | undefined {
	for (const [u, l] of c.over) {
		if (u === upper && l === lower) return true;
		if (u === lower && l === upper) return false;
	}
	return undefined;
}
