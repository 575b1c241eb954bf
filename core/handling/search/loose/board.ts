/**
 * The hands as a search sees them: whole units in a row, each on something and in a plane. The same
 * rules as `applyMove`, in small numbers and without making anything anew for each try; what a search
 * finds is run on the simulator all the same.
 *
 * With few units every pair may pass, and pass back. With more only passings that the crossing asks
 * for are made, each once: a pair that came back would have to pass again.
 */

import type { From } from '../../moves.ts';
import type { SearchLimits, SearchMove } from '../limits.ts';
import { BITS, type Units } from '../units.ts';

export const LEFT = 0;
export const RIGHT = 1;
export const LOOSE = 2;
export const FIRST = 3;
export const SECOND = 4;

/** A holder's place: the sign is its side (front positive); 1 not said yet how deep, 2 inner, 4 outer; 0 not in use. */
export type HolderAt = number;

/** What leads from one board to the next. Counts are units; `movesOf` makes moves of them. */
export type Act =
	| { readonly kind: 'hold'; readonly holder: number; readonly count: number; readonly at: HolderAt }
	| { readonly kind: 'swing'; readonly holder: number; readonly at: HolderAt }
	| { readonly kind: 'return'; readonly from: number; readonly count: number }
	| { readonly kind: 'slip'; readonly count: number }
	/** One needle enters and the other is drawn out of the same and of those skipped: two moves that go together. */
	| {
			readonly kind: 'enter';
			readonly needle: number;
			readonly skip: number;
			readonly count: number;
			/** Units beyond those entered that the other needle is drawn out of as well. */
			readonly beyond: number;
			readonly from: From;
	  }
	| { readonly kind: 'withdraw'; readonly needle: number; readonly count: number }
	| { readonly kind: 'recapture'; readonly needle: number; readonly count: number; readonly from: From }
	| { readonly kind: 'drop'; readonly hang: From }
	| { readonly kind: 'work' }
	| { readonly kind: 'past'; readonly past: From };

export interface Rules {
	readonly units: Units;
	readonly sizes: readonly number[];
	readonly limits: SearchLimits;
	readonly may: Readonly<Record<SearchMove, boolean>>;
	/** Whether a unit may be worked past another in front, or behind through its back loop. */
	readonly reach: readonly Readonly<Record<From, boolean>>[];
}

/**
 * Units that are not worked yet, from right to left: right needle, between the needles, left needle.
 * `plane` says for units on no holder whether they are carried nearer (1), level (0) or further (-1).
 */
export class Board {
	length = 0;
	readonly row: Uint8Array;
	readonly on: Uint8Array;
	readonly plane: Int8Array;
	readonly holders: [HolderAt, HolderAt] = [0, 0];
	/** The old loop of a stitch worked past the first is still on: the first of the left needle has to be worked next there. */
	kept = false;
	/** Of pairs that have changed order, as bits: the one that stood nearer the tip lies above. Kept only where pairs may pass back. */
	uppers = 0;

	constructor(units: number) {
		this.row = new Uint8Array(units);
		this.on = new Uint8Array(units);
		this.plane = new Int8Array(units);
	}

	/** All units on the left needle. */
	start(): void {
		this.length = this.row.length;
		for (let i = 0; i < this.length; i++) this.row[i] = i;
	}

	set(other: Board): void {
		// By hand: these arrays are a few units long, and this runs for every try.
		this.length = other.length;
		for (let i = 0; i < other.length; i++) {
			this.row[i] = other.row[i]!;
			this.on[i] = other.on[i]!;
			this.plane[i] = other.plane[i]!;
		}
		this.holders[0] = other.holders[0];
		this.holders[1] = other.holders[1];
		this.kept = other.kept;
		this.uppers = other.uppers;
	}

	/** Units worked. */
	get done(): number {
		return this.row.length - this.length;
	}

	/** The place in the row of the first unit of the left needle. */
	get left(): number {
		for (let i = 0; i < this.length; i++) if (this.on[i] === LEFT) return i;
		return this.length;
	}

	/** How many units the right needle carries. */
	get right(): number {
		let count = 0;
		while (count < this.length && this.on[count] === RIGHT) count += 1;
		return count;
	}

	/** Distance from the needles in quarter steps; how deep a holder hangs matters only between two on one side. */
	planeAt(i: number): number {
		const on = this.on[i]!;
		if (on < FIRST) return this.plane[i]! * CARRIED;
		const at = this.holders[on - FIRST]!;
		return Math.sign(at) * (Math.abs(at) === 4 ? 8 : 4);
	}

	/** Puts the board into `into` at `offset`, in words of 16 bits; two boards are alike when these are. */
	pack(into: Uint16Array, offset: number): void {
		// Which of two holders is which does not matter: the one nearer the right needle is called first.
		const first = this.#firstHolder();
		const [a, z] = first === SECOND ? [this.holders[1], this.holders[0]] : this.holders;
		into[offset] = (a + 8) * 64 + (z + 8) * 2 + (this.kept ? 1 : 0);
		into[offset + 1] = this.uppers;
		for (let i = 0; i < this.row.length; i++) {
			into[offset + 2 + i] = i < this.length ? this.#cell(i, first) : 0;
		}
	}

	#firstHolder(): number {
		for (let i = 0; i < this.length; i++) if (this.on[i]! >= FIRST) return this.on[i]!;
		return 0;
	}

	#cell(i: number, first: number): number {
		const on = this.on[i]!;
		const told = on < FIRST ? on : on === first ? FIRST : SECOND;
		return this.row[i]! * 32 + (on < FIRST ? this.plane[i]! + 2 : 0) * 8 + told + 1;
	}

	/** Reads a packed board back; holders may have changed names. */
	unpack(from: Uint16Array, offset: number): void {
		this.holders[0] = (from[offset]! >> 6) - 8;
		this.holders[1] = ((from[offset]! >> 1) & 31) - 8;
		this.kept = (from[offset]! & 1) === 1;
		this.uppers = from[offset + 1]!;
		this.length = 0;
		for (let i = 0; i < this.row.length; i++) {
			const cell = from[offset + 2 + i]!;
			if (cell === 0) return;
			this.row[i] = cell >> 5;
			this.plane[i] = ((cell >> 3) & 3) === 0 ? 0 : ((cell >> 3) & 3) - 2;
			this.on[i] = (cell & 7) - 1;
			this.length += 1;
		}
	}

	/** Holders with nothing on them are put down. */
	tidy(): void {
		let first = false;
		let second = false;
		for (let i = 0; i < this.length; i++) {
			first ||= this.on[i] === FIRST;
			second ||= this.on[i] === SECOND;
		}
		if (!first) this.holders[0] = 0;
		if (!second) this.holders[1] = 0;
	}

	/** Takes a unit out of the row. */
	remove(at: number): void {
		this.#shift(at, this.length - 1);
		this.length -= 1;
	}

	/** Moves `count` units from place `from` to just before place `to`. */
	move(from: number, count: number, to: number): void {
		if (to > from) for (let k = 0; k < count; k++) this.#shift(from, to - 1);
		else for (let k = 0; k < count; k++) this.#shift(from + k, to + k);
	}

	#shift(from: number, to: number): void {
		const unit = this.row[from]!;
		const on = this.on[from]!;
		const plane = this.plane[from]!;
		const step = to > from ? 1 : -1;
		for (let i = from; i !== to; i += step) {
			this.row[i] = this.row[i + step]!;
			this.on[i] = this.on[i + step]!;
			this.plane[i] = this.plane[i + step]!;
		}
		this.row[to] = unit;
		this.on[to] = on;
		this.plane[to] = plane;
	}

	loose(sizes: readonly number[]): number {
		let sum = 0;
		for (let i = 0; i < this.length; i++) if (this.on[i] === LOOSE) sum += sizes[this.row[i]!]!;
		return sum;
	}
}

/** What a needle carries lies half a step off, in quarter steps. */
export const CARRIED = 2;

/** Up to so many units every pair may pass back; their bits have to fit into one word. */
const FEW = 4;
const pairBit = (a: number, b: number): number => (a < b ? 1 << (a * FEW + b) : 1 << (b * FEW + a));

export const mayPassBack = ({ units }: Rules): boolean => units.order.length <= FEW;

/** Whether a unit in this plane may go past the one at place `still`. */
function mayPass(rules: Rules, b: Board, unit: number, plane: number, still: number, unitIsRight: boolean): boolean {
	const other = b.row[still]!;
	const gap = plane - b.planeAt(still);
	const changed = unitIsRight ? unit > other : other > unit;
	if (mayPassBack(rules)) {
		if (gap === 0) return false;
		// Back only with the same one above: else the two are wound round each other.
		return !changed || ((b.uppers & pairBit(unit, other)) !== 0) === (gap > 0 === unit < other);
	}
	if (changed) return false;
	const wanted = rules.units.over[unit]![other]!;
	return wanted === 1 ? gap > 0 : wanted === -1 && gap < 0;
}

/** What `uppers` is once a unit in this plane has gone past the one at place `still`. */
function passed(b: Board, uppers: number, unit: number, plane: number, still: number, unitIsRight: boolean): number {
	const other = b.row[still]!;
	const bit = pairBit(unit, other);
	const changed = unitIsRight ? unit > other : other > unit;
	return !changed && plane > b.planeAt(still) === unit < other ? uppers | bit : uppers & ~bit;
}

/** What `uppers` is after the last carrying that was allowed. */
let uppersAfter = 0;
export const uppersThen = (): number => uppersAfter;

/** Whether `count` units from place `from` may be taken to just before place `to`, each in its plane there, or all in one. */
export function mayCarry(rules: Rules, b: Board, from: number, count: number, to: number, plane?: number): boolean {
	const told = mayPassBack(rules);
	uppersAfter = b.uppers;
	for (let i = from; i < from + count; i++) {
		const unit = b.row[i]!;
		const mine = plane ?? b.planeAt(i);
		const first = to > from ? from + count : to;
		const last = to > from ? to : from;
		for (let j = first; j < last; j++) {
			if (!mayPass(rules, b, unit, mine, j, to > from)) return false;
			if (told) uppersAfter = passed(b, uppersAfter, unit, mine, j, to > from);
		}
	}
	return true;
}

/** Whether a unit, worked past all before it in this plane, lies over and under the others for good as it should. */
export function mayGo(rules: Rules, b: Board, at: number, plane: number): boolean {
	const unit = b.row[at]!;
	const wanted = rules.units.over[unit]!;
	for (let j = 0; j < b.length; j++) {
		if (j === at) continue;
		const other = b.row[j]!;
		if (j < at) {
			if (!mayPass(rules, b, unit, plane, j, false)) return false;
			// It went past before and comes back, or goes past now.
			const gap = plane - b.planeAt(j);
			if (other < unit && wanted[other] !== (gap > 0 ? 1 : -1)) return false;
		} else if (mayPassBack(rules) && other < unit) {
			const upper = (b.uppers & pairBit(unit, other)) !== 0 ? other : unit;
			if (wanted[other] !== (upper === unit ? 1 : -1)) return false;
		}
	}
	return true;
}

/** The place of the next unit to be worked, when it can be worked now and passes as it should; else -1. */
export function workable(rules: Rules, b: Board): number {
	const unit = rules.units.order[b.done];
	if (unit === undefined || b.on[0] === RIGHT) return -1;
	let at = 0;
	while (b.row[at] !== unit) at += 1;
	const on = b.on[at]!;
	if (on === LOOSE || (on >= FIRST && !rules.may['off-holder'])) return -1;
	// It has to be the first on its carrier.
	for (let j = 0; j < at; j++) if (b.on[j] === on) return -1;
	return mayGo(rules, b, at, b.planeAt(at)) ? at : -1;
}

/** Pairs with a worked unit are settled. */
export function forget(b: Board, unit: number): void {
	if (b.row.length > FEW) return;
	for (let other = 0; other < FEW; other++) if (other !== unit) b.uppers &= ~pairBit(unit, other);
}

export function doWork(b: Board, at: number): void {
	// The old loops go off together.
	if (b.on[at] === LEFT) b.kept = false;
	forget(b, b.row[at]!);
	b.remove(at);
	b.tidy();
}

/**
 * At least so many transfers are still to come. Two neighbours on one carrier have to be parted when
 * they stand the wrong way round, or when one stitch has to pass both on different sides; no transfer
 * parts more than one such pair. What is on the right needle or loose has to leave it as well.
 */
export function transfersToCome(rules: Rules, b: Board): number {
	const { place, parting } = rules.units;
	let sum = 0;
	// For each carrier its unit met last, and as bits those to the left of that one.
	UNIT.fill(-1);
	let left = 0;
	for (let i = b.length - 1; i >= 0; i--) {
		const on = b.on[i]!;
		const unit = b.row[i]!;
		const other = UNIT[on]!;
		if (other !== -1) {
			// Carried in two planes they can be passed on two sides at once.
			const together = on === LEFT || on >= FIRST || b.plane[i] === PLANE[on];
			if (place[other]! < place[unit]!) sum += 1;
			else if (together && (parting[unit]![other]! & MASK[on]!) !== 0) sum += 1;
		}
		UNIT[on] = unit;
		MASK[on] = left;
		PLANE[on] = b.plane[i]!;
		if (unit < BITS) left |= 1 << unit;
	}
	if (UNIT[RIGHT] !== -1) sum += 1;
	if (UNIT[LOOSE] !== -1) sum += 1;
	// Put back first, each filled holder has to be emptied; else one that is in the way of the next unit.
	if (!rules.may['off-holder']) return sum + (UNIT[FIRST] === -1 ? 0 : 1) + (UNIT[SECOND] === -1 ? 0 : 1);
	return sum + (isBlocked(rules, b) ? 1 : 0);
}

/** Whether the next unit, on the left needle, would pass a held one on the wrong side, with no holder free to hold it on. */
function isBlocked(rules: Rules, b: Board): boolean {
	const { order, over } = rules.units;
	const hanging = (b.holders[0] === 0 ? 0 : 1) + (b.holders[1] === 0 ? 0 : 1);
	if (hanging === 0 || hanging < rules.limits.holders || b.length === 0) return false;
	const next = order[b.done]!;
	for (let i = 0; i < b.length; i++) {
		const unit = b.row[i]!;
		// All that it would pass have been seen, and it is not on the left needle when it is met among them.
		if (unit === next || b.on[i] === LEFT) return false;
		if (b.on[i]! < FIRST) continue;
		const front = b.holders[b.on[i]! - FIRST]! > 0;
		if (over[next]![unit] === (front ? 1 : -1)) return isOnLeft(b, next);
	}
	return false;
}

function isOnLeft(b: Board, unit: number): boolean {
	for (let i = b.length - 1; i >= 0 && b.on[i] === LEFT; i--) if (b.row[i] === unit) return true;
	return false;
}

const CARRIERS = 5;
const UNIT = new Int8Array(CARRIERS);
const MASK = new Int32Array(CARRIERS);
const PLANE = new Int8Array(CARRIERS);
