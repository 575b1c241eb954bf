/**
 * A procedure for any crossing within limits: the best of all that keep units together, fill a holder once
 * and pass each pair once (with few units also back again), with a proof of that, or the limit to lift when
 * nothing does it.
 */

import type { Crossing } from '../../crossing/index.ts';
import type { Move } from '../moves.ts';
import { Board, doWork, expand, transfersToCome, workable, type Act, type Rules } from './board.ts';
import { Heap } from './heap.ts';
import { DEFAULT_LIMITS, SEARCH_MOVES, type SearchLimits, type SearchMove } from './limits.ts';
import { movesOf, type ActOn } from './moves-of.ts';
import { plainMoves } from './plain.ts';
import { Positions } from './positions.ts';
import { unitsOf, type Units } from './units.ts';

export {
	DEFAULT_LIMITS,
	SEARCH_AIMS,
	SEARCH_MOVES,
	type SearchAim,
	type SearchLimits,
	type SearchMove,
} from './limits.ts';

/** What has to be allowed for a procedure to exist. */
export type Lift = { readonly what: 'holders' | 'loose'; readonly to: number } | { readonly what: SearchMove };

export type Found =
	| {
			readonly ok: true;
			readonly moves: readonly Move[];
			/** Every position that could have led to less was looked at, and none did. */
			readonly proven: boolean;
			/** Positions looked at. */
			readonly looked: number;
	  }
	| {
			readonly ok: false;
			/** All positions within the limits were looked at; false when the budget ran out first. */
			readonly proven: boolean;
			readonly looked: number;
			/** Limits of which each alone, lifted, lets a procedure exist. */
			readonly lift: readonly Lift[];
	  };

/**
 * The best procedure for a crossing under the limits, for hands that start with all stitches on the
 * left needle and the yarn behind. Works for any valid crossing; A* over boards of units, with the
 * pairs of neighbours that stand the wrong way round as its lower bound. Stitches worked and yarn
 * shifts are the same in every procedure that makes exactly the crossing, so only transfers and loose
 * loops are searched over.
 */
export function search(c: Crossing, limits: Partial<SearchLimits> = {}): Found {
	const whole: SearchLimits = { ...DEFAULT_LIMITS, ...limits };
	const found = whole.least === 'tools' ? fewestTools(c, whole) : run(c, whole);
	if (found.ok || !found.proven) return found;
	return { ...found, lift: liftsFor(c, whole) };
}

/** No holder if that goes, else one, else two. */
function fewestTools(c: Crossing, limits: SearchLimits): Found {
	let looked = 0;
	let last: Found | undefined;
	for (const holders of [0, 1, 2] as const) {
		if (holders > limits.holders) break;
		last = run(c, { ...limits, holders });
		looked += last.looked;
		if (last.ok) return { ...last, looked };
	}
	return { ...last!, looked };
}

function liftsFor(c: Crossing, limits: SearchLimits): Lift[] {
	const lets = (more: Partial<SearchLimits>): boolean => run(c, { ...limits, ...more }).ok;
	const lifts: Lift[] = [];
	for (let holders = limits.holders + 1; holders <= 2; holders++) {
		if (!lets({ holders: holders as 1 | 2 })) continue;
		lifts.push({ what: 'holders', to: holders });
		break;
	}
	for (let loose = limits.loose + 1; loose <= c.n; loose++) {
		if (!lets({ loose })) continue;
		lifts.push({ what: 'loose', to: loose });
		break;
	}
	for (const move of SEARCH_MOVES) {
		if (!limits.allow.includes(move) && lets({ allow: [...limits.allow, move] })) lifts.push({ what: move });
	}
	return lifts;
}

/** Costs are two numbers in one: what is kept small first, and what breaks ties. */
const FIRST_COST = 4096;

function rulesFor(c: Crossing, limits: SearchLimits, units: Units): Rules {
	const may = Object.fromEntries(SEARCH_MOVES.map((m) => [m, limits.allow.includes(m)])) as Rules['may'];
	return {
		units,
		sizes: units.stitches.map((u) => u.length),
		limits,
		may,
		// From behind only the back loop is in reach, which twists it; and a purl is not worked past another.
		reach: units.stitches.map(([s]) => {
			const work = c.work[s! - 1]!;
			return { front: work.startsWith('k'), behind: work === 'ktbl' };
		}),
	};
}

/** Units beyond which nothing is looked for: there only the plain procedure is given. */
const MOST_UNITS = 16;
/** Up to so many units a whole proof is in reach; with more, only so many positions are looked at. */
const PROVABLE = 8;
const WIDE_BUDGET = 1500;

/** How much the moves to come outweigh those made, once proving is given up: not the best, but soon. */
const HASTE = 4;
const WIDE_HASTE = 40;
/** Positions that it may look at for that, whatever the budget for proving was. */
const HASTY_BUDGET = 60_000;

/** What is searched over: the groups of a crossing, or its single stitches. */
interface Pieces {
	readonly units: Units;
	/** Too many to prove anything over: only so many positions are looked at. */
	readonly wide: boolean;
	/** Groups were kept whole that might have been parted, so not everything can be tried. */
	readonly partial: boolean;
}

function piecesOf(c: Crossing, limits: SearchLimits): Pieces {
	const groups = unitsOf(c);
	const widest = Math.max(...groups.stitches.map((u) => u.length));
	// A limit below the widest group may be kept by parting it.
	const parts = limits.loose > 0 && limits.loose < widest;
	if (parts && c.n <= PROVABLE) return { units: unitsOf(c, true), wide: false, partial: false };
	return { units: groups, wide: parts || groups.stitches.length > PROVABLE, partial: parts };
}

function run(c: Crossing, limits: SearchLimits): Found {
	const pieces = piecesOf(c, limits);
	const { units, wide } = pieces;
	const found = seek(c, pieces, wide ? { ...limits, budget: Math.min(limits.budget, WIDE_BUDGET) } : limits, 1);
	if (found.ok || found.proven) return found;
	const hasty = seek(
		c,
		pieces,
		// Many pieces are kept apart by tools alone, or where there are none, by simple means: trying all would take long.
		{ ...limits, budget: wide ? WIDE_BUDGET : HASTY_BUDGET, ...(wide && limits.holders > 0 ? { loose: 0 } : {}) },
		wide ? WIDE_HASTE : HASTE,
	);
	const looked = found.looked + hasty.looked;
	if (hasty.ok) return { ...hasty, proven: false, looked };
	const plain = plainMoves(c, units, limits) ?? plainMoves(c, unitsOf(c, true), limits);
	return plain ? { ok: true, moves: plain, proven: false, looked } : { ok: false, proven: false, looked, lift: [] };
}

function seek(c: Crossing, { units, partial }: Pieces, limits: SearchLimits, haste: number): Found {
	if (units.stitches.length > MOST_UNITS) return { ok: false, proven: false, looked: 0, lift: [] };
	const rules = rulesFor(c, limits, units);
	const byLoose = limits.least === 'loose';
	const weigh = (transfers: number, looseMoves: number): number =>
		byLoose ? looseMoves * FIRST_COST + transfers : transfers * FIRST_COST + looseMoves;

	const seen = new Positions(units.stitches.length);
	const queue = new Heap();
	const now = new Board(units.stitches.length);
	const next = new Board(units.stitches.length);
	const meet = (board: Board, cost: number, before: number): void => {
		// With nothing loose a stitch that can be worked may as well be: it is only in the way of the others.
		if (limits.loose === 0 || board.loose(rules.sizes) === 0) workAll(rules, board);
		const at = seen.meet(board, cost, before);
		if (at === undefined) return;
		// Of equal ones the nearest to its end goes first: only the last layer is left half looked at.
		const toCome = transfersToCome(rules, board);
		queue.push(at, cost + weigh(toCome, 0) * haste + toCome / 1000);
	};
	next.start();
	meet(next, 0, -1);
	let looked = 0;
	for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
		if (seen.isDone(at)) continue;
		seen.finish(at);
		seen.board(at, now);
		looked += 1;
		if (now.length === 0) {
			return { ok: true, moves: movesOf(c, units, pathTo(rules, seen, at)), proven: true, looked };
		}
		if (looked > limits.budget) return { ok: false, proven: false, looked, lift: [] };
		const cost = seen.cost(at);
		const loose = limits.loose === 0 ? 0 : now.loose(rules.sizes);
		if (loose > 0) {
			const work = workable(rules, now);
			if (work !== -1) {
				next.set(now);
				const works = rules.sizes[now.row[work]!]!;
				doWork(next, work);
				meet(next, cost + weigh(0, loose * works), at);
			}
		}
		expand(rules, now, next, (_, board, transfers, works) => {
			const hanging = limits.loose === 0 ? 0 : board.loose(rules.sizes);
			meet(board, cost + weigh(transfers, hanging * (transfers + works)), at);
		});
	}
	return { ok: false, proven: !partial, looked, lift: [] };
}

function workAll(rules: Rules, board: Board): void {
	for (let at = workable(rules, board); at !== -1; at = workable(rules, board)) doWork(board, at);
}

/** The acts that led to a position, found again from board to board. */
function pathTo(rules: Rules, seen: Positions, last: number): ActOn[] {
	const size = rules.sizes.length;
	const line: number[] = [];
	for (let at = last; at !== -1; at = seen.before(at)) line.unshift(at);
	const path: ActOn[] = [];
	const now = new Board(size);
	const trial = new Board(size);
	const next = new Board(size);
	const work = (): void => {
		for (let at = workable(rules, now); at !== -1; at = workable(rules, now)) workOne(at);
	};
	const workOne = (at: number): void => {
		path.push({ act: { kind: 'work' }, on: copy(now) });
		doWork(now, at);
	};
	now.start();
	work();
	for (const to of line.slice(1)) {
		let found: { act: Act; board: Board } | undefined;
		const at = now.loose(rules.sizes) > 0 ? workable(rules, now) : -1;
		if (at !== -1) {
			trial.set(now);
			doWork(trial, at);
			if (trial.loose(rules.sizes) === 0) workAll(rules, trial);
			if (seen.is(to, trial)) {
				workOne(at);
				if (now.loose(rules.sizes) === 0) work();
				continue;
			}
		}
		expand(rules, now, next, (act, board) => {
			if (found) return;
			trial.set(board);
			if (trial.loose(rules.sizes) === 0) workAll(rules, trial);
			if (seen.is(to, trial)) found = { act, board: copy(board) };
		});
		if (!found) throw new Error('The way to a position was lost.');
		path.push({ act: found.act, on: copy(now) });
		now.set(found.board);
		if (now.loose(rules.sizes) === 0) work();
	}
	return path;
}

function copy(board: Board): Board {
	const made = new Board(board.row.length);
	made.set(board);
	return made;
}
