/**
 * A procedure in which loops may hang loose: the best of all that keep units together, fill a holder once and pass each
 * pair once (with few units also back again), with whether that was proved.
 */

import type { Crossing } from '../../../crossing/index.ts';
import type { Found } from '../found.ts';
import { SEARCH_MOVES, type SearchLimits } from '../limits.ts';
import { plainMoves } from '../plain.ts';
import { unitsOf, type Units } from '../units.ts';
import { Board, doWork, transfersToCome, workable, type Act, type Rules } from './board.ts';
import { expand } from './expand.ts';
import { Heap } from './heap.ts';
import { movesOf, type ActOn } from './moves-of.ts';
import { Positions } from './positions.ts';

type Sought =
	| { readonly ok: true; readonly moves: ReturnType<typeof movesOf>; readonly looked: number }
	| { readonly ok: false; readonly proven: boolean; readonly looked: number };

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

/** The best procedure with loops hanging loose. */
export function runLoose(c: Crossing, limits: SearchLimits): Found {
	const pieces = piecesOf(c, limits);
	const { units, wide } = pieces;
	const found = seek(c, pieces, wide ? { ...limits, budget: Math.min(limits.budget, WIDE_BUDGET) } : limits, 1);
	if (found.ok) return { ...found, claim: 'together', atLeast: 0 };
	if (found.proven) return { ...found, lift: [] };
	const hasty = seek(
		c,
		pieces,
		// Many pieces are kept apart by tools alone, or where there are none, by simple means: trying all would take long.
		{ ...limits, budget: wide ? WIDE_BUDGET : HASTY_BUDGET, ...(wide && limits.holders > 0 ? { loose: 0 } : {}) },
		wide ? WIDE_HASTE : HASTE,
	);
	const looked = found.looked + hasty.looked;
	if (hasty.ok) return { ...hasty, claim: 'none', atLeast: 0, looked };
	const plain = plainMoves(c, units, limits) ?? plainMoves(c, unitsOf(c, true), limits);
	return plain
		? { ok: true, moves: plain, claim: 'none', atLeast: 0, looked }
		: { ok: false, proven: false, looked, lift: [] };
}

function seek(c: Crossing, { units, partial }: Pieces, limits: SearchLimits, haste: number): Sought {
	if (units.stitches.length > MOST_UNITS) return { ok: false, proven: false, looked: 0 };
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
			return { ok: true, moves: movesOf(c, units, pathTo(rules, seen, at)), looked };
		}
		if (looked > limits.budget) return { ok: false, proven: false, looked };
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
	return { ok: false, proven: !partial, looked };
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
