/**
 * The fewest transfers while no loop hangs loose. First what passes each pair at most once, and only as asked: that
 * is soon found, and a bound. Then everything that counts, below that bound, until it is proved or the budget ends.
 */

import type { Crossing, PassingEvent } from '../../../crossing/index.ts';
import type { Move } from '../../moves.ts';
import type { HandState } from '../../state.ts';
import { SEARCH_MOVES, type SearchLimits } from '../limits.ts';
import { worksOf } from '../works.ts';
import type { Rules, Task } from './acts.ts';
import { Fewest, type Step } from './fewest.ts';
import { FIRST, SECOND, type Row } from './row.ts';
import { taskOf } from './task.ts';
import { movesOf } from './written.ts';

/** Where hands are, and which pairs have passed on the way there. */
export interface Begun {
	readonly state: HandState;
	readonly passed: readonly PassingEvent[];
}

export interface Best {
	readonly moves: readonly Move[];
	readonly transfers: number;
	/** Nothing that passes each pair at most once, and only as asked, does better. */
	readonly bestOnce: boolean;
}

export interface Progress {
	readonly best: Best | undefined;
	/** No way within the limits takes fewer transfers; when the best takes as many, none does better. */
	readonly atLeast: number;
	readonly looked: number;
	/** Nothing is left to look at. */
	readonly settled: boolean;
}

/** Rows looked at between two tellings of how far it is. */
const AT_ONCE = 400;
/** More units than this are only looked at in haste, with so many rows. */
const PROVABLE = 8;
const MOST_UNITS = 16;

/** How much the moves to come outweigh those made, and how many rows are looked at with that: not the best, but soon. */
interface Haste {
	readonly by: number;
	readonly rows: number;
}
const HASTY: Haste = { by: 4, rows: 60_000 };
const WIDE: Haste = { by: 40, rows: 1500 };
/** From any state, where hands wait. */
const WAITING: Haste = { by: 10, rows: 600 };
/** What passes each pair once is settled with so many times the rows for 96 of 100 orders of 8 single stitches, and gives a good way and a bound. */
const ONCE = 6;
/** No crossing takes as many transfers. */
const ENDLESS = 250;

/** Whether every pair has passed as asked already, or not at all. */
const mayPassOnce = ({ start, wanted }: Task & { readonly start: Row }): boolean =>
	start.turns.every((turns, pair) => turns === 0 || turns === wanted[pair]);

/**
 * Looks for the best way, telling between times how far it is; it may be left at any of them. In haste it
 * takes what comes soon and proves nothing.
 */
export function* seeking(
	c: Crossing,
	limits: SearchLimits,
	begun?: Begun,
	inHaste = false,
): Generator<Progress, Progress> {
	const task = taskOf(c, begun?.state, begun?.passed);
	let looked = 0;
	let best: Best | undefined;
	let atLeast = 0;
	if (!task) return { best, atLeast, looked, settled: true };
	const may = Object.fromEntries(SEARCH_MOVES.map((m) => [m, limits.allow.includes(m)])) as Rules['may'];
	const used = Number(task.start.carries(FIRST)) + Number(task.start.carries(SECOND));
	const holderCounts = ([0, 1, 2] as const).filter((h) => h >= used && h <= Math.max(limits.holders, used));
	const budget = limits.budget;
	const rulesFor = (more: Partial<Rules>): Rules => ({
		...task,
		may,
		holders: holderCounts.at(-1)!,
		once: false,
		relaxed: false,
		...more,
	});
	const told = (): Progress => ({
		best,
		atLeast: Math.min(atLeast, best?.transfers ?? Infinity),
		looked,
		settled: false,
	});

	function* run(search: Fewest, most: number, bounds: boolean): Generator<Progress, void> {
		while (!search.done && search.looked < most) {
			const before = search.looked;
			search.run(Math.min(AT_ONCE, most - search.looked));
			looked += search.looked - before;
			if (bounds) atLeast = Math.max(atLeast, search.atLeast);
			yield told();
		}
	}
	const take = (steps: readonly Step[], bestOnce: boolean): void => {
		const transfers = steps.filter(({ act }) => act.kind !== 'work').length;
		best = { moves: movesOf(task, steps, worksOf(c, begun?.state)), transfers, bestOnce };
	};

	/** Not the best, but soon: first what passes each pair once, then anything. */
	function* hurry({ by, rows }: Haste): Generator<Progress, void> {
		for (const once of [true, false]) {
			if (best || task!.units > MOST_UNITS) return;
			if (once && !mayPassOnce(task!)) continue;
			const search = new Fewest(rulesFor({ once }), task!.start, ENDLESS, by);
			yield* run(search, rows, false);
			if (search.steps) take(search.steps, false);
		}
	}
	if (inHaste) {
		yield* hurry(WAITING);
		return { ...told(), settled: false };
	}
	const wide = task.units > PROVABLE;
	let onceIsProved = false;
	if (!wide && mayPassOnce(task)) {
		const search = new Fewest(rulesFor({ once: true }), task.start, Infinity);
		yield* run(search, budget * ONCE, false);
		onceIsProved = search.done;
		if (search.steps) take(search.steps, true);
	}
	if (!onceIsProved) yield* hurry(wide ? WIDE : HASTY);
	let settled = false;
	if (!wide) {
		const relaxed = task.sizes.some((s) => s > 1);
		const whole = new Fewest(rulesFor({ relaxed }), task.start, best?.transfers ?? Infinity);
		yield* run(whole, budget, true);
		settled = whole.done;
		const real = (steps: readonly Step[]): boolean =>
			steps.every(
				({ act, on }) =>
					act.kind !== 'past' || (task.sizes[on.unit[on.left]!] === 1 && task.sizes[task.order[on.done]!] === 1),
			);
		if (whole.steps && real(whole.steps)) take(whole.steps, false);
		else if (whole.steps) {
			const strict = new Fewest(rulesFor({}), task.start, best?.transfers ?? Infinity);
			yield* run(strict, budget, true);
			settled = strict.done;
			if (strict.steps) take(strict.steps, false);
		}
		// The same number of transfers with fewer holders, where there is such a way.
		for (const holders of best ? holderCounts.slice(0, -1) : []) {
			const { transfers, bestOnce }: Best = best!;
			const fewer = new Fewest(rulesFor({ holders }), task.start, transfers + 1);
			yield* run(fewer, budget, false);
			if (!fewer.steps) continue;
			take(fewer.steps, bestOnce);
			break;
		}
	}
	return { ...told(), settled };
}
