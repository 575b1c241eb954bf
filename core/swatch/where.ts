/** "Where am I?": the row just finished, from the rows that stand above the last crossing. */

import type { Worked } from '../worked/index.ts';

/**
 * Rows by place that may be the one just finished: a crossing row that has this many rows above it
 * (loops on the needle included) and no crossing since. `crossed`: the rows in which the cable crosses that is counted
 * on; those of any cable when left out.
 */
export function whereAmI(
	worked: Worked,
	rowsAbove: number,
	crossed: readonly number[] = worked.rows.flatMap((row, i) => (row.crossings.length > 0 ? [i] : [])),
): readonly number[] {
	return crossed.flatMap((row, k) => {
		const at = row + rowsAbove;
		const next = crossed[k + 1];
		return at >= worked.rows.length || (next !== undefined && next <= at) ? [] : [at];
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
