/**
 * The hands as a search sees them: units that are not worked yet, from right to left, what
 * carries each, how each pair is wound, and where the holders may hang. The same rules as `applyMove`, in small
 * numbers; what a search finds is run on the simulator all the same.
 *
 * A winding counts half turns of a pair: +1 for each time that the one on the right passed in front, -1 for each
 * time that it passed behind. Passing back with the same one still above takes the turn out again.
 */

import { ANYWHERE, LET_GO, type Places } from './places.ts';

export const LEFT = 0;
export const RIGHT = 1;
export const LOOSE = 2;
export const FIRST = 3;
export const SECOND = 4;

/** More half turns than this are not followed; a search that met them says so. */
export const MOST_TURNS = 3;

export class SearchRow {
	length = 0;
	readonly unit: Int8Array;
	readonly on: Int8Array;
	/** What a needle that entered its loops carries lies half a step off: nearer 1, further -1. */
	readonly plane: Int8Array;
	/** Half turns of units a < b at `a * units + b`. */
	readonly turns: Int8Array;
	/** The old loop of a stitch worked past the first is still on: the first of the left needle has to be worked next there. */
	kept = false;
	/** Where the holders may hang. */
	places: Places = ANYWHERE;
	/** Those of the places before the last act with which it went as it did. */
	part: Places = ANYWHERE;

	/** All of these, so that a row is copied in one go: this runs for every try. */
	readonly #all: Int8Array;

	constructor(readonly units: number) {
		this.#all = new Int8Array(units * (units + 3));
		this.unit = this.#all.subarray(0, units);
		this.on = this.#all.subarray(units, 2 * units);
		this.plane = this.#all.subarray(2 * units, 3 * units);
		this.turns = this.#all.subarray(3 * units);
	}

	set(other: SearchRow): void {
		this.length = other.length;
		this.#all.set(other.#all);
		this.kept = other.kept;
		this.places = other.places;
		this.part = other.part;
	}

	copy(): SearchRow {
		const made = new SearchRow(this.units);
		made.set(this);
		return made;
	}

	/** Units worked. */
	get done(): number {
		return this.units - this.length;
	}

	/** How many units the right needle carries; they stand first. */
	get right(): number {
		let count = 0;
		while (count < this.length && this.on[count] === RIGHT) count += 1;
		return count;
	}

	/** The place of the first unit of the left needle. */
	get left(): number {
		let at = this.length;
		while (at > 0 && this.on[at - 1] === LEFT) at -= 1;
		return at;
	}

	carries(carrier: number): boolean {
		for (let i = 0; i < this.length; i++) if (this.on[i] === carrier) return true;
		return false;
	}

	/** Stitches that hang loose, of which each unit has so many; units without sizes. */
	loose(sizes?: readonly number[]): number {
		let sum = 0;
		for (let i = 0; i < this.length; i++) if (this.on[i] === LOOSE) sum += sizes ? sizes[this.unit[i]!]! : 1;
		return sum;
	}

	turnsOf(a: number, b: number): number {
		return this.turns[a < b ? a * this.units + b : b * this.units + a]!;
	}

	turn(a: number, b: number, by: number): number {
		return (this.turns[a < b ? a * this.units + b : b * this.units + a]! += by);
	}

	/** Takes a unit out of the row; its pairs are settled and no longer told apart. */
	remove(at: number): void {
		const unit = this.unit[at]!;
		for (let other = 0; other < this.units; other++) {
			if (other !== unit) this.turns[unit < other ? unit * this.units + other : other * this.units + unit] = 0;
		}
		for (let i = at; i < this.length - 1; i++) {
			this.unit[i] = this.unit[i + 1]!;
			this.on[i] = this.on[i + 1]!;
			this.plane[i] = this.plane[i + 1]!;
		}
		this.length -= 1;
	}

	/** Holders with nothing on them may hang anywhere next. */
	tidy(): void {
		const first = this.carries(FIRST);
		const second = this.carries(SECOND);
		if (!first && !second) this.places = ANYWHERE;
		else if (!first) this.places = LET_GO[0](this.places);
		else if (!second) this.places = LET_GO[1](this.places);
	}

	/** Words that `pack` needs. */
	static words(units: number): number {
		return Math.ceil(units / 2) + Math.ceil((units * (units - 1)) / 32);
	}

	/**
	 * Puts all but the places into words of 32 bits. Holders are named as they are met; the answer says whether they
	 * changed names.
	 */
	pack(into: Int32Array): boolean {
		let first = 0;
		for (let i = 0; i < this.length && first === 0; i++) if (this.on[i]! >= FIRST) first = this.on[i]!;
		const exchanged = first === SECOND;
		const { units } = this;
		let at = 0;
		for (let i = 0; i < units; i += 2) {
			into[at++] = this.#cell(i, exchanged) | (i + 1 < units ? this.#cell(i + 1, exchanged) << 16 : 0);
		}
		let word = 0;
		let bits = 0;
		for (let a = 0; a < units; a++) {
			for (let b = a + 1; b < units; b++) {
				// Whether a count is odd the order in the row tells, so two bits are enough for -3 to 3.
				word |= ((this.turns[a * units + b]! + MOST_TURNS) >> 1) << bits;
				bits += 2;
				if (bits === 32) {
					into[at++] = word;
					word = 0;
					bits = 0;
				}
			}
		}
		if (bits > 0) into[at] = word;
		return exchanged;
	}

	/** A unit, its carrier and plane; whether an old loop is kept stands with the first. */
	#cell(i: number, exchanged: boolean): number {
		if (i >= this.length) return 0;
		const on = this.on[i]!;
		const told = on < FIRST ? on : exchanged ? FIRST + SECOND - on : on;
		return (((this.unit[i]! * 8 + told + 1) << 2) + this.plane[i]! + 1) * 2 + (i === 0 && this.kept ? 1 : 0);
	}

	unpack(from: Int32Array, offset: number, places: Places): void {
		const { units } = this;
		this.kept = (from[offset]! & 1) === 1;
		this.places = places;
		this.part = places;
		this.length = 0;
		STANDS.fill(-1, 0, units);
		for (let i = 0; i < units; i++) {
			const cell = ((from[offset + (i >> 1)]! >>> ((i & 1) * 16)) & 0xffff) >> 1;
			if (cell === 0) break;
			this.unit[i] = cell >> 5;
			this.on[i] = ((cell >> 2) & 7) - 1;
			this.plane[i] = (cell & 3) - 1;
			STANDS[this.unit[i]!] = i;
			this.length += 1;
		}
		let at = offset + Math.ceil(units / 2);
		let bits = 0;
		for (let a = 0; a < units; a++) {
			for (let b = a + 1; b < units; b++) {
				const told = ((from[at]! >>> bits) & 3) * 2 - MOST_TURNS;
				const isThere = STANDS[a] !== -1 && STANDS[b] !== -1;
				this.turns[a * units + b] = !isThere ? 0 : STANDS[a]! > STANDS[b]! ? told : told + 1;
				bits += 2;
				if (bits === 32) {
					at += 1;
					bits = 0;
				}
			}
		}
	}
}

/** Where each unit stands, while a row is unpacked. */
const STANDS = new Int8Array(64);
