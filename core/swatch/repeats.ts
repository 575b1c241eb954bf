/** The repeat that a swatch is about. */

import type { RepeatShown, Worked } from '../worked/index.ts';

/**
 * The longest repeat that crosses something, else the longest; undefined where the text repeats no rows. Two plain rows that
 * are repeated inside it are no repeat of the pattern.
 */
export function mainRepeat({ repeats, rows }: Pick<Worked, 'repeats' | 'rows'>): RepeatShown | undefined {
	const crosses = ({ first, last }: RepeatShown): boolean =>
		rows.slice(first, last + 1).some((row) => row.crossings.length > 0);
	const longest = (of: readonly RepeatShown[]): RepeatShown | undefined =>
		of.reduce<RepeatShown | undefined>(
			(most, one) => (most && most.last - most.first >= one.last - one.first ? most : one),
			undefined,
		);
	return longest(repeats.filter(crosses)) ?? longest(repeats);
}
