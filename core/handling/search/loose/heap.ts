/** A queue of numbers that gives the one of least rank first. */
export class Heap {
	readonly #values: number[] = [];
	readonly #ranks: number[] = [];

	push(value: number, rank: number): void {
		const values = this.#values;
		const ranks = this.#ranks;
		let at = values.length;
		while (at > 0) {
			const parent = (at - 1) >> 1;
			if (ranks[parent]! <= rank) break;
			values[at] = values[parent]!;
			ranks[at] = ranks[parent]!;
			at = parent;
		}
		values[at] = value;
		ranks[at] = rank;
	}

	/** Takes the first out; `undefined` when there is none. */
	pop(): number | undefined {
		const values = this.#values;
		const ranks = this.#ranks;
		const top = values[0];
		const value = values.pop();
		const rank = ranks.pop();
		if (value === undefined || rank === undefined || values.length === 0) return top;
		let at = 0;
		for (;;) {
			let child = 2 * at + 1;
			if (child >= values.length) break;
			if (child + 1 < values.length && ranks[child + 1]! < ranks[child]!) child += 1;
			if (ranks[child]! >= rank) break;
			values[at] = values[child]!;
			ranks[at] = ranks[child]!;
			at = child;
		}
		values[at] = value;
		ranks[at] = rank;
		return top;
	}
}
