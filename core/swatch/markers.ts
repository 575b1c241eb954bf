/** Where ring markers go: at both sides of what crosses, and only where no crossing ever reaches over them. */

import type { Cords, Worked } from '../worked/index.ts';

/**
 * Columns of the cast-on before which a ring marker stands, from the right: the edges of each block of strands that cross
 * among themselves, the background that they travel over included. Linear in stitches.
 */
export function markerPlaces(worked: Worked, cords: Cords): readonly number[] {
	const columnOf = new Map([...cords.strands[0]!].map((strand, column) => [strand, column]));
	/** Stretches of the cast-on, each from its first column to the one behind its last. */
	const stretches: (readonly [from: number, to: number])[] = [];
	for (const [i, row] of worked.rows.entries()) {
		if (!row.ok) continue;
		for (const { at, crossing } of row.crossings) {
			const columns = [...cords.strands[i + 1]!.slice(at, at + crossing.n)].flatMap((s) => columnOf.get(s) ?? []);
			if (columns.length > 0) stretches.push([Math.min(...columns), Math.max(...columns) + 1]);
		}
	}
	const blocks: [from: number, to: number][] = [];
	for (const [from, to] of stretches.sort((a, b) => a[0] - b[0])) {
		const last = blocks.at(-1);
		if (last && from < last[1]) last[1] = Math.max(last[1], to);
		else blocks.push([from, to]);
	}
	return [...new Set(blocks.flat())];
}

/** Markers up to which each is named. */
const MOST_NAMED = 12;

/** `4, 8, 12`; of many that come at like distances the first ones and the rule: `4, 8 and so on, every 12 stitches to 92 (16 in all)`. */
export function markersSaid(places: readonly number[]): string {
	if (places.length <= MOST_NAMED) return places.join(', ');
	const gaps = places.slice(1).map((place, i) => place - places[i]!);
	const period = gaps.findIndex((_, p) => p > 0 && gaps.every((gap, i) => i + p >= gaps.length || gap === gaps[i + p]));
	if (period < 1 || period > MOST_NAMED) return `${places.join(', ')} (${places.length} in all)`;
	const every = places[period]! - places[0]!;
	return `${places.slice(0, period).join(', ')} and so on, every ${every} stitches to ${places.at(-1)} (${places.length} in all)`;
}
