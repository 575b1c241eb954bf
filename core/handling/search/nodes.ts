/**
 * Rows that a search has met: each once, with what it took to come there for each set of places. What was reached
 * as cheaply before is taken out of a set; nothing is kept of an empty one.
 */

import { EXCHANGED, type Places } from './places.ts';
import { SearchRow } from './row.ts';

type NodeArray = Uint8Array | Uint16Array | Int32Array;
const grown = <T extends NodeArray>(from: T, to: T): T => {
	to.set(from as never);
	return to;
};

const UNKNOWN = 255;

export class Nodes {
	readonly #stride: number;
	/** The words of the row asked for. */
	readonly #key: Int32Array;
	/** Rows, and of each its last node. */
	#words: Int32Array;
	#hashes: Int32Array;
	#heads: Int32Array;
	/** Transfers to come from each row, at least; worked out once. */
	#toCome: Uint8Array;
	#rows = 0;
	/** Row + 1 at the place of its hash; 0 where there is none. */
	#table: Int32Array;
	/** Nodes: the row of each, its places, what it cost, where it came from, and the node of that row before it. */
	#rowOf: Int32Array;
	#places: Uint16Array;
	#costs: Int32Array;
	#befores: Int32Array;
	#others: Int32Array;
	count = 0;

	constructor(
		units: number,
		readonly bound: (b: SearchRow) => number,
		/** What a transfer costs. */
		readonly transfer: number,
	) {
		this.#stride = SearchRow.words(units);
		const room = 1024;
		this.#key = new Int32Array(this.#stride);
		this.#words = new Int32Array(room * this.#stride);
		this.#hashes = new Int32Array(room);
		this.#heads = new Int32Array(room);
		this.#toCome = new Uint8Array(room);
		this.#table = new Int32Array(room * 4);
		this.#rowOf = new Int32Array(room);
		this.#places = new Uint16Array(room);
		this.#costs = new Int32Array(room);
		this.#befores = new Int32Array(room);
		this.#others = new Int32Array(room);
	}

	/**
	 * The node of a row, when some of its places are new or were dearer so far and it can end below a cost; -1 when nothing
	 * is gained.
	 */
	meet(b: SearchRow, cost: number, before: number, below: number): number {
		const at = this.#rowFor(b);
		let { places } = this.#told;
		if (this.#toCome[at] === UNKNOWN) this.#toCome[at] = this.bound(b);
		if (cost + this.#toCome[at]! * this.transfer >= below) return -1;
		for (let node = this.#heads[at]! - 1; node !== -1; node = this.#others[node]!) {
			if (this.#costs[node]! <= cost) places &= ~this.#places[node]!;
		}
		if (places === 0) return -1;
		if (this.count === this.#costs.length) this.#growNodes();
		const node = this.count++;
		this.#rowOf[node] = at;
		this.#places[node] = places;
		this.#costs[node] = cost;
		this.#befores[node] = before;
		this.#others[node] = this.#heads[at]! - 1;
		this.#heads[at] = node + 1;
		return node;
	}

	/** Transfers that are still to come from a node, at least. */
	toCome(node: number): number {
		return this.#toCome[this.#rowOf[node]!]!;
	}

	cost(node: number): number {
		return this.#costs[node]!;
	}

	before(node: number): number {
		return this.#befores[node]!;
	}

	/** The row of a node; holders may have changed names. */
	row(node: number, into: SearchRow): void {
		into.unpack(this.#words, this.#rowOf[node]! * this.#stride, this.#places[node]!);
	}

	/** Whether a row is that of a node, with all its places. */
	is(node: number, b: SearchRow): boolean {
		return this.#rowFor(b) === this.#rowOf[node]! && (this.#places[node]! & ~this.#told.places) === 0;
	}

	readonly #told: { places: Places } = { places: 0 };

	#rowFor(b: SearchRow): number {
		const stride = this.#stride;
		const key = this.#key;
		this.#told.places = b.pack(key) ? EXCHANGED(b.places) : b.places;
		let hash = 0x811c9dc5;
		for (let i = 0; i < stride; i++) {
			hash = Math.imul(hash ^ key[i]!, 0x01000193);
			hash ^= hash >>> 15;
		}
		const mask = this.#table.length - 1;
		for (let slot = hash & mask; ; slot = (slot + 1) & mask) {
			const known = this.#table[slot]! - 1;
			if (known === -1) return this.#add(slot, hash);
			if (this.#hashes[known] === hash && this.#isKey(known)) return known;
		}
	}

	#isKey(row: number): boolean {
		for (let i = 0, at = row * this.#stride; i < this.#stride; i++, at++) {
			if (this.#words[at] !== this.#key[i]) return false;
		}
		return true;
	}

	#add(slot: number, hash: number): number {
		const row = this.#rows++;
		this.#table[slot] = row + 1;
		this.#words.set(this.#key, row * this.#stride);
		this.#hashes[row] = hash;
		this.#heads[row] = 0;
		this.#toCome[row] = UNKNOWN;
		if (this.#rows === this.#heads.length) this.#growRows();
		return row;
	}

	#growRows(): void {
		const room = this.#heads.length * 2;
		this.#words = grown(this.#words, new Int32Array(room * this.#stride));
		this.#hashes = grown(this.#hashes, new Int32Array(room));
		this.#heads = grown(this.#heads, new Int32Array(room));
		this.#toCome = grown(this.#toCome, new Uint8Array(room));
		this.#table = new Int32Array(room * 4);
		const mask = this.#table.length - 1;
		for (let row = 0; row < this.#rows; row++) {
			let slot = this.#hashes[row]! & mask;
			while (this.#table[slot] !== 0) slot = (slot + 1) & mask;
			this.#table[slot] = row + 1;
		}
	}

	#growNodes(): void {
		const room = this.#costs.length * 2;
		this.#rowOf = grown(this.#rowOf, new Int32Array(room));
		this.#places = grown(this.#places, new Uint16Array(room));
		this.#costs = grown(this.#costs, new Int32Array(room));
		this.#befores = grown(this.#befores, new Int32Array(room));
		this.#others = grown(this.#others, new Int32Array(room));
	}
}
