/** Every act that leads on from a board, kind by kind. */

import type { From } from '../../moves.ts';
import type { Board } from './board.ts';
import {
	type Act,
	CARRIED,
	FIRST,
	forget,
	type HolderAt,
	LEFT,
	LOOSE,
	mayCarry,
	mayGo,
	RIGHT,
	type Rules,
	SECOND,
	uppersThen,
} from './board.ts';

/** Called with the act and the board after it, which is only good until the call returns. */
type Visit = (act: Act, board: Board, transfers: number, works: number) => void;

const FROMS: readonly From[] = ['front', 'behind'];
const half = (from: From): number => (from === 'front' ? 1 : -1);

/** Every act within the limits; working the next unit is not among them. `next` is lent out for the boards that come. */
export function expand(rules: Rules, board: Board, next: Board, visit: Visit): void {
	const acts = new Acts(rules, board, next, visit);
	if (board.kept) {
		acts.swing();
		return;
	}
	acts.hold();
	acts.swing();
	acts.giveBack();
	acts.slip();
	acts.past();
	if (rules.limits.loose === 0) return;
	acts.leave();
	acts.recapture();
	acts.drop();
}

class Acts {
	readonly #rules: Rules;
	readonly #b: Board;
	readonly #next: Board;
	readonly #visit: Visit;
	/** The place of the first unit of the left needle, and how many the right one carries. */
	readonly #left: number;
	readonly #right: number;

	constructor(rules: Rules, board: Board, next: Board, visit: Visit) {
		this.#rules = rules;
		this.#b = board;
		this.#next = next;
		this.#visit = visit;
		this.#left = board.left;
		this.#right = board.right;
	}

	#say(act: Act, transfers = 1, works = 0): void {
		const { limits, sizes } = this.#rules;
		if (limits.loose > 0 && this.#next.loose(sizes) > limits.loose) return;
		this.#visit(act, this.#next, transfers, works);
	}

	#put(from: number, to: number, on: number, plane: number): void {
		for (let i = from; i < to; i++) {
			this.#next.on[i] = on;
			this.#next.plane[i] = plane;
		}
	}

	/** Takes units to another place, after `mayCarry` has allowed it. */
	#carry(from: number, count: number, to: number, onto: number, plane: number): void {
		this.#next.move(from, count, to);
		this.#next.uppers = uppersThen();
		const at = to > from ? to - count : to;
		this.#put(at, at + count, onto, plane);
		this.#next.tidy();
	}

	/** The board with a holder on a side, for each depth that it may hang in. */
	#hang(holder: number, sign: number, then: (at: HolderAt) => void): void {
		const other = holder === FIRST ? 1 : 0;
		for (const [mine, theirs] of besides(sign, this.#b.holders[other])) {
			this.#next.set(this.#b);
			this.#next.holders[holder - FIRST] = mine;
			this.#next.holders[other] = theirs;
			then(mine);
		}
	}

	hold(): void {
		const { may, limits } = this.#rules;
		const hanging = this.#b.holders.filter((at) => at !== 0).length;
		if (!may.hold || hanging >= limits.holders) return;
		const holder = this.#b.holders[0] === 0 ? FIRST : SECOND;
		for (let count = 1; count <= this.#b.length - this.#left; count++) {
			for (const sign of [1, -1])
				this.#hang(holder, sign, (at) => {
					this.#put(this.#left, this.#left + count, holder, 0);
					this.#say({ kind: 'hold', holder, count, at });
				});
		}
	}

	swing(): void {
		if (!this.#rules.may.swing) return;
		for (const holder of [FIRST, SECOND]) {
			const now = this.#b.holders[holder - FIRST]!;
			if (now !== 0) this.#hang(holder, -Math.sign(now), (at) => this.#say({ kind: 'swing', holder, at }));
		}
	}

	/** Back to the left needle, the leftmost first; off a holder they come to the needles' plane as they go. */
	giveBack(): void {
		if (!this.#rules.may.return) return;
		const b = this.#b;
		for (const from of [RIGHT, FIRST, SECOND]) {
			let at = this.#left - 1;
			while (at >= 0 && b.on[at] !== from) at -= 1;
			const plane = from === RIGHT ? undefined : 0;
			for (let count = 1; at >= 0 && b.on[at] === from; count++, at--) {
				if (!mayCarry(this.#rules, b, at, count, this.#left, plane)) continue;
				this.#next.set(b);
				this.#carry(at, count, this.#left, LEFT, 0);
				this.#say({ kind: 'return', from, count });
			}
		}
	}

	slip(): void {
		if (!this.#rules.may.slip) return;
		for (let count = 1; count <= this.#b.length - this.#left; count++) {
			if (!mayCarry(this.#rules, this.#b, this.#left, count, this.#right)) continue;
			this.#next.set(this.#b);
			this.#carry(this.#left, count, this.#right, RIGHT, 0);
			this.#say({ kind: 'slip', count });
		}
	}

	/** The second stitch of the left needle worked past the first, when it comes next and the first will follow. */
	past(): void {
		const { units, may, reach } = this.#rules;
		const [b, left] = [this.#b, this.#left];
		const second = units.order[b.done];
		if (!may.past || this.#right > 0 || second === undefined || !this.#areSingles(second)) return;
		const from: From = units.over[second]![b.row[left]!] === 1 ? 'front' : 'behind';
		if (!reach[second]![from]) return;
		// A quarter of a step before or behind the one that it is worked past.
		const plane = b.planeAt(left) + half(from);
		if (!mayGo(this.#rules, b, left + 1, plane)) return;
		this.#next.set(b);
		forget(this.#next, second);
		this.#next.remove(left + 1);
		this.#next.kept = true;
		this.#say({ kind: 'past', past: from }, 1, 1);
	}

	/** Whether `second` is the second on the left needle, and it and the first are one stitch each. */
	#areSingles(second: number): boolean {
		const { sizes } = this.#rules;
		const [b, left] = [this.#b, this.#left];
		if (b.length < left + 2 || b.row[left + 1] !== second) return false;
		const first = b.row[left]!;
		return second > first && sizes[first] === 1 && sizes[second] === 1;
	}

	/** A needle is drawn out of loops at the tip of the other one, and some beyond these may be taken by the first. */
	leave(): void {
		for (const needle of [RIGHT, LEFT]) {
			const into = needle === RIGHT ? LEFT : RIGHT;
			const there = into === LEFT ? this.#b.length - this.#left : this.#right;
			for (let skip = 0; skip < there; skip++) {
				if (skip > 0) this.#withdraw(into, skip);
				this.#enter(needle, skip, there);
			}
			if (there > 0) this.#withdraw(into, there);
		}
	}

	#withdraw(needle: number, count: number): void {
		if (!this.#rules.may.withdraw) return;
		const from = needle === LEFT ? this.#left : this.#right - count;
		this.#next.set(this.#b);
		this.#put(from, from + count, LOOSE, 0);
		this.#say({ kind: 'withdraw', needle, count });
	}

	#enter(needle: number, skip: number, there: number): void {
		if (!this.#rules.may.enter) return;
		for (let count = 1; skip + count <= there; count++)
			for (let beyond = 0; skip + count + beyond <= there; beyond++)
				for (const from of FROMS) this.#enterOne(needle, skip, count, beyond, from);
	}

	#enterOne(needle: number, skip: number, count: number, beyond: number, from: From): void {
		const [left, right, next] = [this.#left, this.#right, this.#next];
		const isLeft = needle === RIGHT;
		const skipFrom = isLeft ? left : right - skip;
		const takeFrom = isLeft ? left + skip : right - skip - count;
		const beyondFrom = isLeft ? takeFrom + count : takeFrom - beyond;
		const to = isLeft ? right : left;
		next.set(this.#b);
		this.#put(skipFrom, skipFrom + skip, LOOSE, 0);
		this.#put(beyondFrom, beyondFrom + beyond, LOOSE, 0);
		if (!mayCarry(this.#rules, next, takeFrom, count, to, half(from) * CARRIED)) return;
		this.#carry(takeFrom, count, to, needle, half(from));
		this.#say({ kind: 'enter', needle, skip, count, beyond, from }, 2);
	}

	/** The left needle takes loose loops from the left, the right one from the right; a holder between them parts them. */
	recapture(): void {
		const [b, left] = [this.#b, this.#left];
		for (const needle of [LEFT, RIGHT]) {
			const step = needle === LEFT ? -1 : 1;
			const isBetween = (i: number): boolean => i >= 0 && i < left;
			let at = needle === LEFT ? left - 1 : this.#right;
			while (isBetween(at) && b.on[at] !== LOOSE) at += step;
			const start = at;
			for (let count = 1; isBetween(at) && b.on[at] === LOOSE; count++, at += step)
				this.#recaptureRun(needle, needle === LEFT ? at : start, count);
		}
	}

	#recaptureRun(needle: number, run: number, count: number): void {
		const to = needle === LEFT ? this.#left : this.#right;
		if (!mayCarry(this.#rules, this.#b, run, count, to)) return;
		for (const from of FROMS) {
			this.#next.set(this.#b);
			this.#carry(run, count, to, needle, half(from));
			this.#say({ kind: 'recapture', needle, count, from });
		}
	}

	drop(): void {
		const [b, left] = [this.#b, this.#left];
		if (!this.#rules.may.drop || left >= b.length) return;
		for (const from of FROMS) {
			this.#next.set(b);
			this.#put(left, left + 1, LOOSE, half(from));
			this.#say({ kind: 'drop', hang: from }, this.#rules.sizes[b.row[left]!]!);
		}
	}
}

/**
 * Places for a holder on one side beside another one: alone on its side it need not be said how deep;
 * two on one side settle it, and what is settled once stays.
 */
function besides(sign: number, other: HolderAt): readonly (readonly [HolderAt, HolderAt])[] {
	if (other === 0 || Math.sign(other) !== sign) return [[sign, other]];
	const depth = Math.abs(other);
	return [
		...(depth !== 4 ? [[sign * 4, sign * 2] as const] : []),
		...(depth !== 2 ? [[sign * 2, sign * 4] as const] : []),
	];
}
