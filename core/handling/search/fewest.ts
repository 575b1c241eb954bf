/**
 * The way of least cost from a row to its end: A* over rows, in whole steps, the last met first. It can be stopped
 * after any number of rows and gone on with; `atLeast` rises meanwhile.
 */

import TinyQueue from 'tinyqueue';
import { Acts, type Act, type Rules } from './acts.ts';
import { transfersToCome } from './at-least.ts';
import { Nodes } from './nodes.ts';
import { MOST_TURNS, SearchRow } from './row.ts';

/** An act, the row that it is done on, and the row after it. */
export interface ActStep {
	readonly act: Act;
	readonly on: SearchRow;
	readonly after: SearchRow;
}

export class Fewest {
	/** Rows looked at. */
	looked = 0;
	/** No way costs less than this. */
	atLeast = 0;
	/** The way found, and what it costs. */
	steps: readonly ActStep[] | undefined;
	cost = Infinity;
	/** Nothing more to look at below the bound that was set. */
	done = false;

	readonly #nodes: Nodes;
	/** Nodes that are not looked at yet by what a way over each costs at least, and these costs, the least first. */
	readonly #queue = new Map<number, number[]>();
	readonly #ranks = new TinyQueue<number>();
	readonly #now: SearchRow;
	readonly #trial: SearchRow;
	readonly #acts: Acts;
	/** Where rows that were not followed might have led to. */
	#unknown = Infinity;

	/** Only ways that cost less than `below` are looked for. With `haste`, moves to come outweigh those made, and nothing is proved. */
	constructor(
		readonly rules: Rules,
		readonly start: SearchRow,
		readonly below: number,
		readonly haste = 1,
	) {
		this.#nodes = new Nodes(rules.units, (b) => transfersToCome(rules, b), rules.weights.transfer);
		this.#now = new SearchRow(rules.units);
		this.#trial = new SearchRow(rules.units);
		this.#acts = new Acts(rules);
		this.#meet(start, 0, -1);
	}

	/** Looks at so many more rows, or to the end. */
	run(rows: number): void {
		const until = this.looked + rows;
		while (!this.done && this.looked < until) {
			const node = this.#pop();
			if (node === undefined) {
				this.done = true;
				if (this.haste === 1) this.atLeast = Math.min(this.below, this.#unknown);
				return;
			}
			this.looked += 1;
			const cost = this.#nodes.cost(node);
			this.#nodes.row(node, this.#now);
			if (this.#now.length === 0) {
				this.steps = this.#wayTo(node);
				this.cost = cost;
				this.done = true;
				if (this.haste === 1) this.atLeast = Math.min(cost, this.#unknown);
				return;
			}
			this.#acts.overwound = false;
			this.#acts.visit(this.#now, (_, row, more) => this.#meet(row, cost + more, node));
			// Wound once more than is followed, all but one half turn of that has to be taken out again.
			const unwound = cost + MOST_TURNS * this.rules.weights.transfer;
			if (this.#acts.overwound) this.#unknown = Math.min(this.#unknown, Math.max(this.#at, unwound));
		}
	}

	/** The rank of the node looked at last. */
	#at = 0;
	#pop(): number | undefined {
		for (let rank = this.#ranks.peek(); rank !== undefined; rank = this.#ranks.peek()) {
			const node = this.#queue.get(rank)!.pop();
			if (node === undefined) {
				this.#queue.delete(rank);
				this.#ranks.pop();
				continue;
			}
			this.#at = rank;
			if (this.haste === 1) this.atLeast = Math.min(rank, this.#unknown);
			return node;
		}
		return undefined;
	}

	/**
	 * A stitch that can be worked as it is to lie is worked: it would only be in the way of the others. Where that
	 * depends on where a holder hangs, the row with the other places is kept as well.
	 */
	#meet(row: SearchRow, cost: number, before: number): void {
		const b = this.#trial;
		b.set(row);
		for (let at = this.#acts.worksAtOnce(b); at !== -1; at = this.#acts.worksAtOnce(b)) {
			const part = this.#acts.fits(b, at);
			if (part === 0) break;
			const others = b.places & ~part;
			if (others !== 0) {
				b.places = others;
				this.#keep(b, cost, before);
			}
			this.#acts.work(b, at, part);
		}
		this.#keep(b, cost, before);
	}

	#keep(b: SearchRow, cost: number, before: number): void {
		const node = this.#nodes.meet(b, cost, before, this.below);
		if (node === -1) return;
		const least = cost + this.#nodes.toCome(node) * this.rules.weights.transfer * this.haste;
		// What leads on from a row takes no less than the row did; with haste an earlier step may have something again.
		const rank = this.haste > 1 ? least : Math.max(least, this.#at);
		const nodes = this.#queue.get(rank);
		if (nodes) nodes.push(node);
		else {
			this.#queue.set(rank, [node]);
			this.#ranks.push(rank);
		}
	}

	/** The steps that led to a node, found again from row to row. */
	#wayTo(last: number): ActStep[] {
		const line: number[] = [];
		for (let node = last; node !== -1; node = this.#nodes.before(node)) line.unshift(node);
		const steps: ActStep[] = [];
		const now = this.start.copy();
		const trial = new SearchRow(this.rules.units);
		/** Works what is worked at once, until the row of a node is met; whether it was. */
		const workTo = (b: SearchRow, node: number, say: (step: ActStep) => void): boolean => {
			for (;;) {
				const at = this.#acts.worksAtOnce(b);
				const part = at === -1 ? 0 : this.#acts.fits(b, at);
				const kept = b.places;
				b.places &= ~part;
				const is = b.places !== 0 && this.#nodes.is(node, b);
				if (is) return true;
				if (part === 0) return false;
				b.places = kept;
				const on = b.copy();
				this.#acts.work(b, at, part);
				say({ act: { kind: 'work' }, on, after: b.copy() });
			}
		};
		if (!workTo(now, line[0]!, (s) => steps.push(s))) throw new Error('The way to a row was lost.');
		for (const node of line.slice(1)) {
			let found: { readonly by: readonly ActStep[]; readonly row: SearchRow } | undefined;
			this.#acts.visit(now, (act, row) => {
				if (found) return;
				trial.set(row);
				const by: ActStep[] = [{ act, on: now.copy(), after: row.copy() }];
				if (workTo(trial, node, (s) => by.push(s))) found = { by, row: trial.copy() };
			});
			if (!found) throw new Error('The way to a row was lost.');
			steps.push(...found.by);
			now.set(found.row);
		}
		return steps;
	}
}
