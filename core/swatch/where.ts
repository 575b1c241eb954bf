/** "Where am I?": the row just finished, from the rows that stand above the last crossing. */

import type { Worked } from '../worked/index.ts';

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

export interface InRepeat {
	/** Which time this is, from 1. */
	readonly time: number;
	/** How often in all; `undefined` when the text leaves it open. */
	readonly times: number | undefined;
	/** The row within the repeat, from 1, and how many that has. */
	readonly row: number;
	readonly rows: number;
}

/** Where row `i` stands in the repeat of rows that it belongs to, the shortest one where there are several. */
export function placeInRepeat(worked: Worked, i: number): InRepeat | undefined {
	const { told } = worked.rows[i]!;
	const [within] = worked.repeats
		.filter(({ times }) => times === undefined || times > 1)
		.map(({ first, last, times }) => ({ from: worked.rows[first]!.told, to: worked.rows[last]!.told, times }))
		.filter(({ from, to }) => told >= from && told <= to)
		.sort((a, b) => a.to - a.from - (b.to - b.from));
	if (!within) return undefined;
	const alike = worked.rows.flatMap((row, k) => (row.told === told ? [k] : []));
	return {
		time: alike.indexOf(i) + 1,
		times: within.times === undefined ? undefined : alike.length,
		row: told - within.from + 1,
		rows: within.to - within.from + 1,
	};
}
