/**
 * The fewest transfers, or the fewest loose loops. First what passes each pair at most once, and only as asked: that
 * is soon found, and a bound. Then everything that counts, below that bound, until it is proved or the budget ends. Where
 * loops may hang loose, what needs none of them is found before, as that is soon found too.
 */

import type { Crossing, PassingEvent } from '../../crossing/index.ts';
import type { Move } from '../moves.ts';
import { SEARCH_MOVES, type SearchLimits } from './limits.ts';
import { simulate } from '../simulate.ts';
import { startState, type HandState } from '../state.ts';
import { tally } from '../tally.ts';
import { worksOf } from './works.ts';
import type { Rules, Weights } from './acts.ts';
import { Fewest } from './fewest.ts';
import { FIRST, SECOND } from './row.ts';
import { taskOf, type RowTask } from './task.ts';
import { movesOf } from './written.ts';

/** Where hands are, and which pairs have passed on the way there. */
export interface Begun {
	readonly state: HandState;
	readonly passed: readonly PassingEvent[];
}

export interface Best {
	readonly moves: readonly Move[];
	readonly transfers: number;
	/** What the search weighed it at. */
	readonly cost: number;
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
/** Loose loops after each move, added up, are fewer than this in anything that is searched; so are transfers. */
const MOST = 4096;
const WEIGHTS: Readonly<Record<'held' | 'moves' | 'loose', Weights>> = {
	held: { transfer: 1, loose: 0 },
	moves: { transfer: MOST, loose: 1 },
	loose: { transfer: 1, loose: MOST },
};

/** Whether every pair has passed as asked already, or not at all. */
const mayPassOnce = ({ start, wanted }: RowTask): boolean =>
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
	const groups = taskOf(c, begun?.state, begun?.passed);
	if (!groups) return { best: undefined, atLeast: 0, looked: 0, settled: true };
	const { loose, budget } = limits;
	const byLoose = loose > 0 && limits.least === 'loose';
	const weights = WEIGHTS[loose === 0 ? 'held' : byLoose ? 'loose' : 'moves'];
	const may = Object.fromEntries(SEARCH_MOVES.map((m) => [m, limits.allow.includes(m)])) as Rules['may'];
	const used = Number(groups.start.carries(FIRST)) + Number(groups.start.carries(SECOND));
	const holderCounts = ([0, 1, 2] as const).filter((h) => h >= used && h <= Math.max(limits.holders, used));
	const holders = holderCounts.at(-1)!;
	/** Where fewer may hang loose than there are, it can pay to part what else goes as one. */
	const parts = loose > 0 && loose < c.n;
	const single = (): RowTask => taskOf(c, begun?.state, begun?.passed, true)!;
	let looked = 0;
	let best: Best | undefined;
	let atLeast = 0;
	const told = (): Progress => ({
		best,
		atLeast: Math.min(atLeast, best?.transfers ?? Infinity),
		looked,
		settled: false,
	});
	if (loose > 0) {
		const held = yield* seeking(c, { ...limits, loose: 0 });
		looked = held.looked;
		const bestOnce = held.best?.bestOnce === true && (!parts || c.n <= PROVABLE);
		if (held.best) best = { ...held.best, cost: held.best.transfers * weights.transfer, bestOnce };
		// Nothing hangs loose for less than no time.
		if (best && byLoose) return held;
	}

	/** Looks at so many rows more, and takes what was found there. */
	function* run(
		task: RowTask,
		rules: Partial<Rules>,
		{ rows, below = best?.cost ?? Infinity, haste = 1, bounds = false }: SeekOptions,
	): Generator<Progress, Fewest> {
		const once = rules.once === true;
		const all = { ...task, may, holders, loose, weights, once, relaxed: false, ...rules };
		const search = new Fewest(all, task.start, below, haste);
		while (!search.done && search.looked < rows) {
			const before = search.looked;
			search.run(Math.min(AT_ONCE, rows - search.looked));
			looked += search.looked - before;
			if (bounds && !byLoose) atLeast = Math.max(atLeast, Math.floor(search.atLeast / weights.transfer));
			yield told();
		}
		if (search.steps && isReal(search)) {
			const moves = movesOf(task, search.steps, worksOf(c, begun?.state));
			const { transfers, looseMoves } = tally(simulate(moves, begun?.state ?? startState(c.n)));
			const isOnce = once ? !parts || task !== groups : best?.transfers === transfers && best.bestOnce;
			const cost = transfers * weights.transfer + looseMoves * weights.loose;
			best = { moves, transfers, cost, bestOnce: haste === 1 && isOnce };
		} else if (once && best && !search.done) best = { ...best, bestOnce: false };
		return search;
	}

	/** Not the best, but soon: first what passes each pair once, then anything. */
	function* hurry(task: RowTask, { by, rows }: Haste): Generator<Progress, void> {
		for (const once of [true, false]) {
			if (best || task.units > MOST_UNITS) return;
			if (once && !mayPassOnce(task)) continue;
			yield* run(task, { once, weights: loose === 0 ? WEIGHTS.held : WEIGHTS.moves }, { rows, haste: by });
		}
	}
	if (inHaste) {
		yield* hurry(groups, WAITING);
		return told();
	}
	if (groups.units > PROVABLE) {
		yield* hurry(groups, WIDE);
		if (parts) yield* hurry(single(), WIDE);
		return told();
	}
	const wide = parts && c.n > PROVABLE;
	const rows = wide ? WIDE.rows : budget;
	const task = parts && !wide ? single() : groups;
	let onceIsProved = false;
	if (mayPassOnce(task) && !byLoose)
		onceIsProved = (yield* run(task, { once: true }, { rows: loose > 0 ? rows : rows * ONCE })).done;
	if (!onceIsProved) yield* hurry(task, wide ? WIDE : HASTY);
	if (wide) yield* hurry(single(), WIDE);
	const relaxed = groups.sizes.some((s) => s > 1);
	const whole = yield* run(groups, { relaxed }, { rows, bounds: true });
	let settled = whole.done;
	if (whole.steps && !isReal(whole)) {
		const strict = yield* run(task, {}, { rows, bounds: !wide });
		settled = strict.done && !wide;
	}
	// As good with fewer holders, where there is such a way.
	for (const fewer of best ? holderCounts.slice(0, -1) : []) {
		const found: Fewest = yield* run(task, { holders: fewer }, { rows, below: best!.cost + 1 });
		if (found.steps) break;
	}
	return { ...told(), settled };
}

interface SeekOptions {
	/** Rows that it may look at. */
	readonly rows: number;
	/** Only what costs less is looked for; the best so far when it is left out. */
	readonly below?: number;
	readonly haste?: number;
	/** Whether nothing can do better than it finds: what it has left out by then is a bound. */
	readonly bounds?: boolean;
}

/** Whether hands can do what a search found that took units for one: see `Rules.relaxed`. */
function isReal({ rules, steps }: Fewest): boolean {
	const { sizes, order, loose } = rules;
	return (steps ?? []).every(
		({ act, on, after }) =>
			(act.kind !== 'past' || (sizes[on.unit[on.left]!] === 1 && sizes[order[on.done]!] === 1)) &&
			(loose === 0 || after.loose(sizes) <= loose),
	);
}
