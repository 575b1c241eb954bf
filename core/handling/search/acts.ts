/**
 * What hands can do next with what needles and holders carry and what hangs loose: every move that counts (see
 * `counted.ts`), the loops of a unit together. Where a passing depends on where a holder hangs, each outcome is a row of
 * its own.
 */

import type { From } from '../moves.ts';
import type { SearchMove } from './limits.ts';
import { BROUGHT, FIRST_NEARER, IN_FRONT, type HolderIndex, type Places } from './places.ts';
import { FIRST, LEFT, LOOSE, MOST_TURNS, RIGHT, SearchRow, SECOND } from './row.ts';

/** What leads from one row to the next. Counts are units. */
export type Act =
	| { readonly kind: 'hold'; readonly holder: HolderIndex; readonly count: number; readonly adds: boolean }
	| { readonly kind: 'swing'; readonly holder: HolderIndex }
	| { readonly kind: 'return'; readonly from: number; readonly count: number }
	| { readonly kind: 'slip'; readonly count: number }
	/** One needle enters loops of the other, which is drawn out of these, of those skipped and of those beyond: two moves. */
	| {
			readonly kind: 'enter';
			readonly needle: number;
			readonly skip: number;
			readonly count: number;
			readonly beyond: number;
			readonly from: From;
	  }
	| { readonly kind: 'withdraw'; readonly needle: number; readonly count: number }
	| { readonly kind: 'recapture'; readonly needle: number; readonly count: number; readonly from: From }
	/** A whole unit falls off the tip of the left needle: a move for each of its stitches. */
	| { readonly kind: 'drop'; readonly hang: From }
	| { readonly kind: 'work' }
	| { readonly kind: 'past'; readonly past: From };

export interface Task {
	readonly units: number;
	/** Stitches of each unit. */
	readonly sizes: readonly number[];
	/** Units in the order in which they are to be worked, and the place of each in it. */
	readonly order: readonly number[];
	readonly place: readonly number[];
	/** Half turns that each pair a < b is to have in the end, at `a * units + b`. */
	readonly wanted: Int8Array;
	/** Whether a unit may be worked past another in front, or behind through its back loop. */
	readonly reach: readonly Readonly<Record<From, boolean>>[];
}

/** What a transfer costs, and a loop that hangs loose after a move: the larger one is kept small first. */
export interface Weights {
	readonly transfer: number;
	readonly loose: number;
}

export interface Rules extends Task {
	readonly holders: 0 | 1 | 2;
	/** Most stitches that may hang loose at once; 0 when no loop is let go. */
	readonly loose: number;
	readonly weights: Weights;
	readonly may: Readonly<Record<SearchMove, boolean>>;
	/** Each pair passes at most once, and only as asked. */
	readonly once: boolean;
	/**
	 * Units of several stitches may be worked past as well, and of what hangs loose units are counted: nobody can, but what
	 * that costs nothing can undercut.
	 */
	readonly relaxed: boolean;
}

const wantedOf = (task: Task, a: number, b: number): number =>
	task.wanted[a < b ? a * task.units + b : b * task.units + a]!;

/** Called with the act, the row after it, which is only good until the call returns, and what the act cost. */
export type Visit = (act: Act, row: SearchRow, cost: number) => void;

/** Marks the loops that a move takes along. */
const moves = new Uint8Array(64);
const NONE = new Uint8Array(64);

/** Parts every set in which some combinations are among these and some are not. */
function part(sets: Places[], by: Places): void {
	for (let i = sets.length - 1; i >= 0; i--) {
		const all = sets[i]!;
		if ((all & by) === 0 || (all & ~by) === 0) continue;
		sets[i] = all & by;
		sets.push(all & ~by);
	}
}

export class Acts {
	/** More turns than are followed were met. */
	overwound = false;

	/** Lent out for the sets of places while loops are taken along, and while one is tried to be worked. */
	readonly #parts: Places[] = [];
	readonly #fitting: Places[] = [];

	/** Lent out for the rows that come, and for what is let go before one of them. */
	readonly next: SearchRow;
	readonly #let: SearchRow;

	constructor(readonly rules: Rules) {
		this.next = new SearchRow(rules.units);
		this.#let = new SearchRow(rules.units);
	}

	/** What so many moves cost, each of which leaves as many loops loose as the row after them has. */
	#cost(moves: number, transfers = moves): number {
		const { weights } = this.rules;
		return (
			transfers * weights.transfer +
			(weights.loose === 0 ? 0 : weights.loose * moves * this.next.loose(this.rules.sizes))
		);
	}

	/**
	 * The sets of places that have to be told apart when the loops taken along pass those that are not,
	 * between `low` and `high`, in a holder's plane where they come off one.
	 */
	#partsOf(parts: Places[], b: SearchRow, taken: Uint8Array, low: number, high: number, off: number): Places[] {
		let first = false;
		let second = false;
		let level = false;
		for (let j = low; j < high; j++) {
			if (taken[j]) continue;
			const on = b.on[j]!;
			if (on === FIRST) first = true;
			else if (on === SECOND) second = true;
			else level = true;
		}
		parts.length = 1;
		parts[0] = b.places;
		if (off === FIRST ? level : first) part(parts, IN_FRONT[0]);
		if (off === SECOND ? level : second) part(parts, IN_FRONT[1]);
		if ((off === FIRST && second) || (off === SECOND && first)) part(parts, FIRST_NEARER);
		return parts;
	}

	/** 1 when a loop in this plane, or on this holder, passes the one at `still` in front, -1 behind, 0 when nothing tells. */
	#side(b: SearchRow, part: Places, off: number, plane: number, still: number): number {
		const on = b.on[still]!;
		if (off >= FIRST) {
			if (on < FIRST) return (part & IN_FRONT[(off - FIRST) as HolderIndex]) !== 0 ? 1 : -1;
			return ((part & FIRST_NEARER) !== 0) === (off === FIRST) ? 1 : -1;
		}
		if (on >= FIRST) return (part & IN_FRONT[(on - FIRST) as HolderIndex]) !== 0 ? -1 : 1;
		return Math.sign(plane - b.plane[still]! * CARRIED);
	}

	/** Winds every loop marked in `moves` with those it passes on its way to the right or the left; false when it may not. */
	#wind(b: SearchRow, part: Places, low: number, high: number, toRight: boolean, off: number, plane?: number): boolean {
		const { next, rules } = this;
		for (let i = low; i < high; i++) {
			if (!moves[i]) continue;
			const unit = b.unit[i]!;
			const mine = plane ?? b.plane[i]! * CARRIED;
			for (let j = toRight ? low : i + 1; j < (toRight ? i : high); j++) {
				if (moves[j]) continue;
				const side = this.#side(b, part, off, mine, j);
				if (side === 0) return false;
				const other = b.unit[j]!;
				const by = toRight ? -side : side;
				if (rules.once) {
					const wanted = wantedOf(rules, unit, other);
					if (wanted !== by || b.turnsOf(unit, other) !== 0) return false;
				}
				if (Math.abs(next.turn(unit, other, by)) > MOST_TURNS) {
					this.overwound = true;
					return false;
				}
			}
		}
		return true;
	}

	/** Takes the loops marked in `moves` to a needle's tip; visits each outcome. */
	#carry(
		b: SearchRow,
		to: number,
		off: number,
		plane: number | undefined,
		onto: (row: SearchRow, from: number, count: number) => void,
		say: () => void,
	): void {
		const { next } = this;
		const toRight = to === RIGHT;
		const low = toRight ? b.right : 0;
		const high = toRight ? b.length : b.left;
		let first = low;
		while (first < high && !moves[first]) first += 1;
		let last = high - 1;
		while (last >= 0 && !moves[last]) last -= 1;
		const from = toRight ? low : first;
		const until = toRight ? last + 1 : high;
		for (const part of this.#partsOf(this.#parts, b, moves, from, until, off)) {
			next.set(b);
			next.part = part;
			next.places = part;
			if (!this.#wind(b, part, from, until, toRight, off, plane)) continue;
			let at = from;
			const place = (moving: boolean): void => {
				for (let i = from; i < until; i++) {
					if ((moves[i] === 1) !== moving) continue;
					next.unit[at] = b.unit[i]!;
					next.on[at] = b.on[i]!;
					next.plane[at] = b.plane[i]!;
					at += 1;
				}
			};
			place(toRight);
			const middle = at;
			place(!toRight);
			if (toRight) onto(next, from, middle - from);
			else onto(next, middle, until - middle);
			next.tidy();
			say();
		}
	}

	/** Where the next unit stands when it can be worked now; else -1. */
	workable(b: SearchRow): number {
		const { order, may } = this.rules;
		const unit = order[b.done];
		if (unit === undefined || b.on[0] === RIGHT) return -1;
		let at = 0;
		while (b.unit[at] !== unit) at += 1;
		const on = b.on[at]!;
		if (on === LOOSE || (on >= FIRST && !may['off-holder'])) return -1;
		// It has to be the first on its carrier.
		for (let j = 0; j < at; j++) if (b.on[j] === on) return -1;
		return at;
	}

	/**
	 * The places with which the unit at `at`, worked now past all before it, is wound with every other one as it
	 * is to be for good; at most one such set. 0 when there is none. With a `plane`, it is reached there past others.
	 */
	fits(b: SearchRow, at: number, plane?: number): Places {
		const { rules } = this;
		const unit = b.unit[at]!;
		for (let j = at + 1; j < b.length; j++) {
			if (b.turnsOf(unit, b.unit[j]!) !== wantedOf(rules, unit, b.unit[j]!)) return 0;
		}
		const off = plane === undefined && b.on[at]! >= FIRST ? b.on[at]! : LEFT;
		const mine = plane ?? b.plane[at]! * CARRIED;
		for (const part of this.#partsOf(this.#fitting, b, NONE, 0, at, off)) {
			let fits = true;
			for (let j = 0; j < at && fits; j++) {
				const side = this.#side(b, part, off, mine, j);
				const other = b.unit[j]!;
				const has = b.turnsOf(unit, other);
				fits = side !== 0 && has - side === wantedOf(rules, unit, other) && (!rules.once || has === 0);
			}
			if (fits) return part;
		}
		return 0;
	}

	work(b: SearchRow, at: number, part: Places): void {
		// The old loops go off together.
		if (b.on[at] === LEFT) b.kept = false;
		b.part = part;
		b.places = part;
		b.remove(at);
		b.tidy();
	}

	/** Where the next unit stands when it is worked without a choice, as it would only be in the way; else -1. */
	worksAtOnce(b: SearchRow): number {
		// While loops hang loose it may pay to catch them first.
		return this.rules.loose > 0 && b.carries(LOOSE) ? -1 : this.workable(b);
	}

	/** Every act within the limits but the working of a unit that is worked at once. */
	visit(b: SearchRow, visit: Visit): void {
		this.#work(b, visit);
		this.#holders(b, visit);
		if (b.kept) return;
		const left = b.left;
		this.#give(b, left, visit);
		this.#catch(b, left, visit);
		this.#past(b, left, visit);
		if (this.rules.loose > 0) this.#letGo(b, left, visit);
	}

	/** The next unit worked while others hang loose. */
	#work(b: SearchRow, visit: Visit): void {
		const { rules, next } = this;
		if (rules.loose === 0 || !b.carries(LOOSE)) return;
		const at = this.workable(b);
		const part = at === -1 ? 0 : this.fits(b, at);
		if (part === 0) return;
		next.set(b);
		this.work(next, at, part);
		visit({ kind: 'work' }, next, this.#cost(rules.sizes[b.unit[at]!]!, 0));
	}

	#holders(b: SearchRow, visit: Visit): void {
		const { rules, next } = this;
		const { may } = rules;
		const has = [b.carries(FIRST), b.carries(SECOND)] as const;
		if (may.swing) {
			for (const holder of [0, 1] as const) {
				if (!has[holder]) continue;
				const places = BROUGHT[holder](b.places);
				// It may hang there as it is.
				if ((places & ~b.places) === 0) continue;
				next.set(b);
				next.part = b.places;
				next.places = places;
				next.tidy();
				visit({ kind: 'swing', holder }, next, this.#cost(1));
			}
		}
		if (may.hold && !b.kept) {
			const left = b.left;
			const free = has[0] ? (has[1] ? undefined : 1) : 0;
			const used = Number(has[0]) + Number(has[1]);
			for (const holder of [0, 1] as const) {
				const isNew = holder === free && used < rules.holders;
				if (!isNew && !(has[holder] && may.add)) continue;
				next.set(b);
				next.part = b.places;
				for (let count = 1; count <= b.length - left; count++) {
					next.on[left + count - 1] = FIRST + holder;
					next.plane[left + count - 1] = 0;
					visit({ kind: 'hold', holder, count, adds: !isNew }, next, this.#cost(1));
				}
			}
		}
	}

	#give(b: SearchRow, left: number, visit: Visit): void {
		const { next } = this;
		const { may } = this.rules;
		const n = b.length;
		if (may.return) {
			// The leftmost first; off a holder they come to the needles' plane as they go.
			for (const from of [RIGHT, FIRST, SECOND]) {
				moves.fill(0, 0, n);
				let count = 0;
				for (let at = left - 1; at >= 0; at--) {
					if (b.on[at] !== from) continue;
					moves[at] = 1;
					count += 1;
					const act: Act = { kind: 'return', from, count };
					this.#carry(b, LEFT, LEFT, from === RIGHT ? undefined : 0, onto(LEFT, 0), () =>
						visit(act, next, this.#cost(1)),
					);
				}
			}
		}
		if (may.slip) {
			moves.fill(0, 0, n);
			for (let count = 1; count <= n - left; count++) {
				moves[left + count - 1] = 1;
				const act: Act = { kind: 'slip', count };
				this.#carry(b, RIGHT, LEFT, undefined, onto(RIGHT, 0), () => visit(act, next, this.#cost(1)));
			}
		}
	}

	/** What hangs loose is caught again: by the left needle from the left, by the right one from the right. */
	#catch(b: SearchRow, left: number, visit: Visit): void {
		const { next } = this;
		for (const needle of [LEFT, RIGHT]) {
			moves.fill(0, 0, b.length);
			let count = 0;
			const step = needle === LEFT ? -1 : 1;
			for (let at = needle === LEFT ? left - 1 : 0; at >= 0 && at < left; at += step) {
				if (b.on[at] !== LOOSE) continue;
				moves[at] = 1;
				count += 1;
				for (const from of ['front', 'behind'] as const) {
					const act: Act = { kind: 'recapture', needle, count, from };
					this.#carry(b, needle, LEFT, undefined, onto(needle, from === 'front' ? 1 : -1), () =>
						visit(act, next, this.#cost(1)),
					);
				}
			}
		}
	}

	/** What a needle is drawn out of hangs loose, or is taken by the other needle, which has entered it before. */
	#letGo(b: SearchRow, left: number, visit: Visit): void {
		const { next } = this;
		const { may, loose, relaxed, sizes, weights } = this.rules;
		const right = b.right;
		/** Units that may come to hang loose besides; each has a stitch at least. */
		const room = loose - b.loose();
		const say = (act: Act, cost: number): void => {
			if (next.loose(relaxed ? undefined : sizes) <= loose) visit(act, next, cost);
		};
		for (const needle of [LEFT, RIGHT]) {
			const there = needle === LEFT ? b.length - left : right;
			for (let count = 1; may.withdraw && count <= Math.min(there, room); count++) {
				next.set(b);
				next.part = b.places;
				loosen(next, needle === LEFT ? left : right - count, count);
				say({ kind: 'withdraw', needle, count }, this.#cost(1));
			}
			for (let skip = 0; may.enter && skip < there && skip <= room; skip++)
				for (let count = 1; skip + count <= there; count++)
					for (let beyond = 0; skip + count + beyond <= there && skip + beyond <= room; beyond++)
						this.#enter(b, { needle: needle === LEFT ? RIGHT : LEFT, skip, count, beyond }, say);
		}
		if (!may.drop || left === b.length) return;
		const size = sizes[b.unit[left]!]!;
		const before = b.loose(sizes);
		for (const hang of ['front', 'behind'] as const) {
			next.set(b);
			next.part = b.places;
			next.on[left] = LOOSE;
			next.plane[left] = hang === 'front' ? 1 : -1;
			const hanging = size * before + (size * (size + 1)) / 2;
			say({ kind: 'drop', hang }, size * weights.transfer + hanging * weights.loose);
		}
	}

	#enter(
		b: SearchRow,
		{ needle, skip, count, beyond }: Omit<Extract<Act, { kind: 'enter' }>, 'kind' | 'from'>,
		say: (act: Act, cost: number) => void,
	): void {
		const { weights, sizes } = this.rules;
		const row = this.#let;
		const before = weights.loose === 0 ? 0 : b.loose(sizes) * weights.loose;
		// What is skipped lies at the tip of the needle that is entered, which is the near end of the row for the right one.
		const isLeft = needle === RIGHT;
		const from = isLeft ? b.left : b.right - skip - count - beyond;
		const first = isLeft ? from + skip : from + beyond;
		for (const side of ['front', 'behind'] as const) {
			const plane = side === 'front' ? 1 : -1;
			row.set(b);
			loosen(row, from, skip + count + beyond);
			moves.fill(0, 0, b.length);
			moves.fill(1, first, first + count);
			const act: Act = { kind: 'enter', needle, skip, count, beyond, from: side };
			this.#carry(row, needle, LEFT, plane * CARRIED, onto(needle, plane), () =>
				say(act, weights.transfer + before + this.#cost(1)),
			);
		}
	}

	/** The second stitch of the left needle worked past the first, when it comes next and the first will follow. */
	#past(b: SearchRow, left: number, visit: Visit): void {
		const { rules, next } = this;
		if (!rules.may.past || b.on[0] === RIGHT || b.length < left + 2) return;
		const second = rules.order[b.done]!;
		const first = b.unit[left]!;
		if (b.unit[left + 1] !== second) return;
		const isOne = rules.sizes[first] === 1 && rules.sizes[second] === 1;
		if (!isOne && !rules.relaxed) return;
		for (const past of ['front', 'behind'] as const) {
			if (isOne && !rules.reach[second]![past]) continue;
			// A quarter of a holder's step before or behind the one that it is worked past.
			const part = this.fits(b, left + 1, b.plane[left]! * CARRIED + (past === 'front' ? 1 : -1));
			if (part === 0) continue;
			next.set(b);
			this.work(next, left + 1, part);
			next.kept = true;
			visit({ kind: 'past', past }, next, this.#cost(2, 1));
		}
	}
}

/** What a needle carries lies half a holder's step off, in quarters. */
const CARRIED = 2;

const onto =
	(carrier: number, plane: number) =>
	(row: SearchRow, from: number, count: number): void => {
		row.on.fill(carrier, from, from + count);
		row.plane.fill(plane, from, from + count);
	};

/** So many units from a place in the row on hang loose, in the plane of the needles. */
function loosen(row: SearchRow, from: number, count: number): void {
	row.on.fill(LOOSE, from, from + count);
	row.plane.fill(0, from, from + count);
}
