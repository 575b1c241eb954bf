/** Following strands: where each column goes in a repeat, when it is home, and how many loops a seamed ring has. */

import { gcd } from './gcd.ts';
import type { Worked } from '../worked/index.ts';

export interface Strands {
	/** For column 1, 2, … from the right: the start column that stands there after one repeat. */
	readonly after: readonly number[];
	/** Lengths of the cycles of that order, sorted. */
	readonly cycles: readonly number[];
	/** Repeats until every strand is back in its column. */
	readonly repeatsToReturn: number;
}

/** Where columns stand after rows `first` to `last` (places from 0); `undefined` when stitches are made or lost there. */
export function strandsOf(worked: Worked, first: number, last: number): Strands | undefined {
	const start = worked.rows[first - 1]?.stitches.length ?? worked.castOn;
	let after = Array.from({ length: start }, (_, i) => i + 1);
	for (const row of worked.rows.slice(first, last + 1)) {
		if (!row.ok) return undefined;
		if (row.stitches.length !== after.length) return undefined;
		if (row.stitches.some((s) => s.from < 0 || s.also)) return undefined;
		after = row.stitches.map((s) => after[s.from]!);
	}
	return { after, ...cyclesOf(after) };
}

/** How columns that change places like this come home: each by its cycle, all after as many repeats as their lengths have in common. */
export function cyclesOf(order: readonly number[]): Pick<Strands, 'cycles' | 'repeatsToReturn'> {
	const seen = new Set<number>();
	const lengths: number[] = [];
	for (let start = 1; start <= order.length; start++) {
		let length = 0;
		for (let at = start; !seen.has(at); at = order[at - 1]!) {
			seen.add(at);
			length += 1;
		}
		if (length > 0) lengths.push(length);
	}
	const cycles = lengths.sort((a, b) => a - b);
	return { cycles, repeatsToReturn: cycles.reduce((a, b) => (a / gcd(a, b)) * b, 1) };
}

/**
 * Closed loops when so many repeats are seamed end to end into a ring: a cycle of length l falls
 * apart into gcd(l, repeats) of them.
 */
export const loopsWhenSeamed = ({ cycles }: Pick<Strands, 'cycles'>, repeats: number): number =>
	cycles.reduce((sum, length) => sum + gcd(length, repeats), 0);
