/** "Where am I?": the row just finished, from the rows that stand above the last crossing. */

import type { Worked } from './worked.ts';

/**
 * Rows by place that may be the one just finished: a crossing row that has this many rows above it
 * (loops on the needle included) and no crossing since.
 */
export function whereAmI(worked: Worked, rowsAbove: number): readonly number[] {
	return worked.rows.flatMap((row, i) => {
		if (row.crossings.length === 0) return [];
		const at = i + rowsAbove;
		if (at >= worked.rows.length) return [];
		return worked.rows.slice(i + 1, at + 1).some((r) => r.crossings.length > 0) ? [] : [at];
	});
}

/** Rows from the one after `finished` (a count of rows) to the next crossing row; `undefined` when none comes. */
export function nextCrossing(worked: Worked, finished: number): number | undefined {
	const at = worked.rows.findIndex((r, i) => i >= finished && r.crossings.length > 0);
	return at < 0 ? undefined : at - finished;
}
