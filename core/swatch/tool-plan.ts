/** A swatch as it is followed on a tool that stands before the worker: what to set up, then row by row. */

import { craftOf, type ParkedIn, type PlanFor, type PlannedRows } from '../craft/index.ts';
import { rowParts } from './row-words.ts';
import type { Worked } from '../worked/index.ts';

export interface ToolPlan {
	readonly title: string;
	/** Before the first row, a sentence each. */
	readonly setup: readonly string[];
	/** Rows that are done alike stand together. */
	readonly rows: readonly { readonly rows: string; readonly says: string }[];
	readonly cautions: readonly string[];
	/** Where the group that waits may be parked; none where nothing is chosen. */
	readonly orders: readonly ParkedIn[];
}

interface PlannedGroup extends PlannedRows {
	last: number;
	/** What it has in common with rows that are done alike. */
	readonly key: string;
}

/** The plan of a swatch on such a tool; `undefined` in a craft of the hands, which is followed by its rows. */
export function toolPlan(worked: Worked, tools: PlanFor = {}): ToolPlan | undefined {
	const { onTool } = craftOf(worked.craft).inSwatch;
	if (!onTool) return undefined;
	const rows: PlannedGroup[] = [];
	for (const [i, row] of worked.rows.entries()) {
		if (!row.ok) continue;
		// Rows at the bed differ by their side and their counter, and are else the same.
		const does = rowParts(worked, i, tools).map((p) => p.says);
		const key = does.join('; ').replace(/to the (left|right), counter \d+/, '');
		const crosses = row.crossings.length > 0;
		const open = rows.at(-1);
		if (open?.key === key && !crosses) open.last = row.number;
		else rows.push({ first: row.number, last: row.number, does, key, crosses, at: i });
	}
	return {
		title: onTool.title,
		setup: onTool.setup(worked, tools),
		rows: rows.map((told) => {
			const like = told.crosses ? rows.find((r) => r.key === told.key) : undefined;
			return {
				rows: told.first === told.last ? `Row ${told.first}` : `Rows ${told.first} to ${told.last}`,
				says: onTool.says(told, like === told ? undefined : like),
			};
		}),
		cautions: onTool.cautions,
		orders: onTool.orders ?? [],
	};
}

/** Whether a craft is followed by such a plan. */
export const hasToolPlan = (worked: Worked): boolean => craftOf(worked.craft).inSwatch.onTool !== undefined;
