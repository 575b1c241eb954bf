/** The boards that a search has met, each once: what it cost to come there, and from where. */

import type { Board } from './board.ts';

/** Boards in one growing array of words, found again through an open hash table. */
export class Positions {
	readonly #stride: number;
	#words: Uint16Array;
	#costs: Float64Array;
	#befores: Int32Array;
	#done: Uint8Array;
	/** Position + 1 at the place of its hash; 0 where there is none. */
	#table: Int32Array;
	#count = 0;

	constructor(units: number) {
		this.#stride = units + 2;
		const room = 1024;
		this.#words = new Uint16Array(room * this.#stride);
		this.#costs = new Float64Array(room);
		this.#befores = new Int32Array(room);
		this.#done = new Uint8Array(room);
		this.#table = new Int32Array(room * 4);
	}

	/** The position of a board, when it is new or was dearer so far; `undefined` when nothing is gained. */
	meet(board: Board, cost: number, before: number): number | undefined {
		if (this.#count + 1 >= this.#costs.length) this.#grow();
		const at = this.#count;
		board.pack(this.#words, at * this.#stride);
		const slot = this.#slotOf(at);
		const known = this.#table[slot]! - 1;
		if (known === -1) {
			this.#table[slot] = at + 1;
			this.#costs[at] = cost;
			this.#befores[at] = before;
			this.#count += 1;
			return at;
		}
		if (this.#costs[known]! <= cost) return undefined;
		this.#costs[known] = cost;
		this.#befores[known] = before;
		this.#done[known] = 0;
		return known;
	}

	cost(at: number): number {
		return this.#costs[at]!;
	}

	before(at: number): number {
		return this.#befores[at]!;
	}

	isDone(at: number): boolean {
		return this.#done[at] === 1;
	}

	finish(at: number): void {
		this.#done[at] = 1;
	}

	board(at: number, into: Board): void {
		into.unpack(this.#words, at * this.#stride);
	}

	/** Whether the board is the one at that position. */
	is(at: number, board: Board): boolean {
		if (this.#count + 1 >= this.#costs.length) this.#grow();
		board.pack(this.#words, this.#count * this.#stride);
		return this.#same(at, this.#count);
	}

	#same(a: number, b: number): boolean {
		for (let i = 0; i < this.#stride; i++) {
			if (this.#words[a * this.#stride + i] !== this.#words[b * this.#stride + i]) return false;
		}
		return true;
	}

	/** Where a board stands in the table, or would. */
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

	#grow(): void {
		const room = this.#costs.length * 2;
		const larger = <T extends Uint16Array | Float64Array | Int32Array | Uint8Array>(from: T, to: T): T => {
			to.set(from as never);
			return to;
		};
		this.#words = larger(this.#words, new Uint16Array(room * this.#stride));
		this.#costs = larger(this.#costs, new Float64Array(room));
		this.#befores = larger(this.#befores, new Int32Array(room));
		this.#done = larger(this.#done, new Uint8Array(room));
		this.#table = new Int32Array(room * 4);
		for (let at = 0; at < this.#count; at++) this.#table[this.#slotOf(at)] = at + 1;
	}
}
