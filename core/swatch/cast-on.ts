/** How many stitches a pattern is worked on, told by its rows. */

import type { RowsText } from '../notation/index.ts';
import { workRows, type SwatchStart } from './work.ts';
import { SWATCH_LIMITS } from '../worked/index.ts';

/** Counts that are tried, one after the other, where the first row goes on to its end. */
const TRIED = 160;

/**
 * The fewest stitches on which the first row comes out, and the second one after it: what the text says itself goes
 * before it. `undefined` when there is none up to a stated limit, or nothing to work.
 */
export function castOnNeeded(text: RowsText, start: Omit<SwatchStart, 'castOn'>): number | undefined {
	if (text.castOn) return text.castOn.stitches;
	const [first, second] = text.rows;
	if (!first) return undefined;
	const lines = [first, ...(second ? [second] : [])].map((line) => ({ ...line, numbers: line.numbers.slice(0, 1) }));
	const only: RowsText = { ...text, rows: lines, repeats: [], problems: [] };
	for (let castOn = 1; castOn <= Math.min(TRIED, SWATCH_LIMITS.stitches); castOn++) {
		const { problems, rows } = workRows(only, { ...start, castOn });
		if (rows.length > 0 && !problems.some((p) => p.weight === 'error')) return castOn;
	}
	return undefined;
}
