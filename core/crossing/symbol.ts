/** A crossing as a printed chart draws it, whosever chart it is: cells, and lines of which some run unbroken. */

import { crossing, type Crossing, type Work } from './crossing.ts';
import { twoGroups, type Lean } from './groups.ts';
import { CENTRES, threeGroups } from './of-groups.ts';
import { fail, ok, type Result } from '../result.ts';

/** The widest symbol that is asked about. */
export const MOST_CELLS = 24;

export interface ChartSymbol {
	/** Cells in all. */
	readonly cells: number;
	/** Cells whose lines run unbroken across: they pass in front. */
	readonly unbroken: number;
	/** Where the unbroken lines run as they go up. */
	readonly runs: Lean;
	/** Cells that stand in the middle while the others change places; mostly none. */
	readonly middle: number;
	/** Cells that are drawn purled, counted from the right. */
	readonly purled: readonly number[];
}

/**
 * What a symbol may mean: one crossing, or two where a middle may lie between or behind. A purled cell is the stitch
 * that ends there. Problem: `symbol`, when cells do not add up.
 */
export function crossingsOfSymbol({ cells, unbroken, runs, middle, purled }: ChartSymbol): Result<readonly Crossing[]> {
	const behind = cells - unbroken - middle;
	const whole = [cells, unbroken, middle].every(Number.isInteger);
	if (!whole || cells > MOST_CELLS || unbroken < 1 || behind < 1 || middle < 0) {
		return fail({
			code: 'symbol',
			what: `A symbol has from 2 to ${MOST_CELLS} cells: some that run unbroken, some behind them.`,
			todo: 'Correct how many there are of each.',
		});
	}
	const sizes = runs === 'left' ? ([unbroken, middle, behind] as const) : ([behind, middle, unbroken] as const);
	const shapes =
		middle === 0
			? [ok(twoGroups({ front: unbroken, behind, lean: runs }))]
			: CENTRES.map((lies) => threeGroups({ sizes, lean: runs, lies }));
	const made: Crossing[] = [];
	for (const shape of shapes) {
		if (!shape.ok) return shape;
		const c = shape.value;
		const work = c.work.map((w, i): Work => (purled.includes(c.order.indexOf(i + 1) + 1) ? 'p' : w));
		const whole = crossing({ order: c.order, over: c.over, work });
		if (!whole.ok) return whole;
		made.push(whole.value);
	}
	return ok(made);
}
