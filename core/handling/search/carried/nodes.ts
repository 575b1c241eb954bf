/**
 * Rows that a search has met: each once, with what it took to come there for each set of places. What was reached
 * as cheaply before is taken out of a set; nothing is kept of an empty one.
 */

import { EXCHANGED, type Places } from './places.ts';
import { Row } from './row.ts';

type Words = Uint8Array | Uint16Array | Int32Array;
const grown = <T extends Words>(from: T, to: T): T => {
	to.set(from as never);
	return to;
};

export class Nodes {
	readonly #stride: number;
	/** Rows, and of each its last node. */
	#words: Uint16Array;
	#heads: Int32Array;
	#rows = 0;
	/** Row + 1 at the place of its hash; 0 where there is none. */
	#table: Int32Array;
	/** Nodes: the row of each, its places, what it cost, where it came from, and the node of that row before it. */
	#rowOf: Int32Array;
	#places: Uint16Array;
	#costs: Uint8Array;
	#befores: Int32Array;
	#others: Int32Array;
	count = 0;

	constructor(units: number) {
		this.#stride = Row.words(units);
		const room = 1024;
		this.#words = new Uint16Array(room * this.#stride);
		this.#heads = new Int32Array(room);
		this.#table = new Int32Array(room * 4);
		this.#rowOf = new Int32Array(room);
		this.#places = new Uint16Array(room);
		this.#costs = new Uint8Array(room);
		this.#befores = new Int32Array(room);
		this.#others = new Int32Array(room);
	}

	/** The node of a row, when some of its places are new or were dearer so far; -1 when nothing is gained. */
	meet(b: Row, cost: number, before: number): number {
		const at = this.#rowFor(b);
		let { places } = this.#told;
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

	cost(node: number): number {
		return this.#costs[node]!;
	}

	before(node: number): number {
		return this.#befores[node]!;
	}

	/** The row of a node; holders may have changed names. */
	row(node: number, into: Row): void {
		into.unpack(this.#words, this.#rowOf[node]! * this.#stride, this.#places[node]!);
	}

	/** Whether a row is that of a node, with one of its places at least. */
	is(node: number, b: Row): boolean {
		return this.#rowFor(b) === this.#rowOf[node]! && (this.#told.places & this.#places[node]!) !== 0;
	}

	readonly #told: { places: Places } = { places: 0 };

	#rowFor(b: Row): number {
		if (this.#rows === this.#heads.length) this.#growRows();
		const at = this.#rows;
		this.#told.places = b.pack(this.#words, at * this.#stride) ? EXCHANGED[b.places]! : b.places;
		const slot = this.#slotOf(at);
		const known = this.#table[slot]! - 1;
		if (known !== -1) return known;
		this.#table[slot] = at + 1;
		this.#heads[at] = 0;
		this.#rows += 1;
		return at;
	}

	#same(a: number, b: number): boolean {
		const stride = this.#stride;
		for (let i = 0; i < stride; i++) {
			if (this.#words[a * stride + i] !== this.#words[b * stride + i]) return false;
		}
		return true;
	}

	/** Where a row stands in the table, or would. */
	#slotOf(at: number): number {
		let hash = 0x811c9dc5;
		for (let i = at * this.#stride; i < (at + 1) * this.#stride; i++) {
			hash = Math.imul(hash ^ this.#words[i]!, 0x01000193);
		}
		const mask = this.#table.length - 1;
		let slot = (hash ^ (hash >>> 15)) & mask;
		while (this.#table[slot] !== 0 && !this.#same(this.#table[slot]! - 1, at)) slot = (slot + 1) & mask;
		return slot;
	}

	#growRows(): void {
		const room = this.#heads.length * 2;
		this.#words = grown(this.#words, new Uint16Array(room * this.#stride));
		this.#heads = grown(this.#heads, new Int32Array(room));
		this.#table = new Int32Array(room * 4);
		for (let at = 0; at < this.#rows; at++) this.#table[this.#slotOf(at)] = at + 1;
	}

	#growNodes(): void {
		const room = this.#costs.length * 2;
		this.#rowOf = grown(this.#rowOf, new Int32Array(room));
		this.#places = grown(this.#places, new Uint16Array(room));
		this.#costs = grown(this.#costs, new Uint8Array(room));
		this.#befores = grown(this.#befores, new Int32Array(room));
		this.#others = grown(this.#others, new Int32Array(room));
	}
}
