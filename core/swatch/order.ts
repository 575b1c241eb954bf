/** The order in which the rows of a text are worked: by their numbers, repeats where they stand, and what is missing or there twice. */

import type { RepeatLine, RowLine, RowsText } from '../notation/index.ts';
import type { Span } from '../result.ts';
import { SWATCH_LIMITS, type RepeatShown, type SwatchProblem } from '../worked/index.ts';

/** A row that is to be worked: its number, its line, and the number that it has in that line. */
export interface PlannedRow {
	readonly number: number;
	readonly told: number;
	readonly line: RowLine;
}

/** The rows of a text in the order in which they are worked, its repeats by their places among them, and what is wrong with their numbers. */
export function rowOrder(text: RowsText): {
	readonly planned: readonly PlannedRow[];
	readonly repeats: readonly RepeatShown[];
	readonly problems: readonly SwatchProblem[];
} {
	const order = new RowOrder(text);
	order.placeTold();
	for (const repeat of text.repeats) order.repeat(repeat);
	if (order.planned.length >= SWATCH_LIMITS.rows)
		order.complain(
			0,
			'too-many-rows',
			`Only the first ${SWATCH_LIMITS.rows} rows are worked.`,
			'Repeat fewer times, or split it into two swatches.',
			text.repeats.at(-1) ?? { from: 0, to: 0 },
		);
	return order;
}

class RowOrder {
	readonly planned: PlannedRow[] = [];
	readonly repeats: RepeatShown[] = [];
	readonly problems: SwatchProblem[] = [];
	readonly #text: RowsText;
	/** The line of each row that has a number, and the numbers in their order. */
	readonly #told: ReadonlyMap<number, RowLine>;
	readonly #numbers: readonly number[];
	/** Lines of all rows of a side. */
	readonly #everies: readonly RowLine[];
	/** What each number came to be: a repeat may stand on rows that another repeat made. */
	readonly #made = new Map<number, PlannedRow>();
	/** How many rows a repeat fills, up to the next one that has a number. */
	readonly #fills = new Map<RepeatLine, number>();
	#after = 0;

	constructor(text: RowsText) {
		this.#text = text;
		this.#told = this.#linesByNumber();
		this.#numbers = [...this.#told.keys()].sort((a, b) => a - b);
		this.#everies = text.rows.filter((r) => r.every);
	}

	complain(row: number, reason: string, what: string, todo: string, { from, to }: Span): void {
		this.problems.push({ row, weight: 'error', reason, what, todo, from, to });
	}

	#linesByNumber(): ReadonlyMap<number, RowLine> {
		const told = new Map<number, RowLine>();
		for (const line of this.#text.rows) {
			const twice = line.numbers.filter((n) => told.has(n));
			for (const n of line.numbers) if (!told.has(n)) told.set(n, line);
			const [n] = twice;
			if (n === undefined) continue;
			const more = twice.length === 1 ? '' : `, and so are ${twice.length - 1} more of this line`;
			const what = `Row ${n} is there twice${more}; the first one counts.`;
			this.complain(n, 'told-twice', what, 'Take one of them out.', line.label ?? line.body);
		}
		return told;
	}

	/** A pattern may begin further on, as when one row of many is asked about. */
	#start(): number {
		const [first = 1] = this.#numbers;
		if (first <= 0) return first;
		if (first <= 2 || this.#everies.length > 0) return 1;
		const line = this.#told.get(first)!;
		this.problems.push({
			row: first,
			weight: 'note',
			reason: 'begins-later',
			what: `It begins with row ${first}.`,
			todo: `Rows 1 to ${first - 1} are missing. The cast-on number is used as the stitches they leave.`,
			...(line.label ?? line.body),
		});
		return first;
	}

	/** Every row up to the highest number, those that a repeat before it fills included. */
	placeTold(): void {
		const last = this.#numbers.at(-1) ?? 0;
		const repeated = this.#everies.length > 0 ? this.#text.repeats.map((r) => r.last) : [];
		const highest = Math.max(last, ...repeated);
		let place = 0;
		for (let n = this.#start(); n <= highest; n++) {
			while (place < this.#numbers.length && this.#numbers[place]! <= n) place += 1;
			const next = this.#numbers[place] ?? Infinity;
			const placed = this.#place(n, next);
			if (placed === 'full') break;
			if (placed === 'none' && Number.isFinite(next)) {
				const { label, body } = this.#told.get(next)!;
				const todo = `Write it before row ${next}, or correct the numbers.`;
				this.complain(n, 'missing-row', `Row ${n} is missing.`, todo, label ?? body);
				n = next - 1;
			}
		}
		this.#after = Math.max(highest, 0);
	}

	#place(n: number, next: number): 'placed' | 'none' | 'full' {
		const filler = this.#told.has(n) ? undefined : this.#fillerOf(n, next);
		const as = filler ? filler.first + ((n - filler.last - 1) % (filler.last - filler.first + 1)) : n;
		const again = filler && this.#made.get(as);
		const line = again?.line ?? this.#lineFor(as);
		if (!line) return 'none';
		if (filler) this.#fills.set(filler, (this.#fills.get(filler) ?? 0) + 1);
		return this.#add(n, line, again?.told ?? as) ? 'placed' : 'full';
	}

	/** A repeat that stands before the next row with a number goes on up to it. */
	#fillerOf(n: number, next: number): RepeatLine | undefined {
		const until = this.#told.get(next)?.from ?? Infinity;
		return this.#text.repeats.find((r) => r.last < n && r.from < until);
	}

	#lineFor(n: number): RowLine | undefined {
		return (
			this.#told.get(n) ??
			this.#text.rows.find((r) => r.each && n > r.numbers[0]! && (n - r.numbers[0]!) % r.each === 0) ??
			this.#everies.find((e) => e.every === 'any' || (e.every === 'WS') === (n % 2 === 0))
		);
	}

	#add(number: number, line: RowLine, told: number): boolean {
		if (this.planned.length >= SWATCH_LIMITS.rows) return false;
		const row = { number, told, line };
		this.planned.push(row);
		this.#made.set(number, row);
		return true;
	}

	/** A repeat as it stands, and its rows again behind all others where it fills none between them. */
	repeat(line: RepeatLine): void {
		const { first, last } = line;
		const span = last - first + 1;
		const places = this.planned.flatMap((p, i) => (p.number >= first && p.number <= last ? [i] : []));
		if (places.length < span) {
			const what = `Rows ${first} to ${last} are repeated, but some of them are missing.`;
			this.complain(0, 'repeat', what, 'Correct the row numbers of the repeat.', line);
			return;
		}
		const filled = this.#fills.get(line);
		const again = filled === undefined ? line.again : filled / span;
		if (again !== undefined && line.again !== undefined && again !== line.again) {
			const room = Math.round(again * 100) / 100;
			const what = `Rows ${first} to ${last} are to be worked ${line.again} times more, but there is room for ${room} before the next row.`;
			this.complain(0, 'repeat', what, 'Correct the times, or the numbers of the rows after it.', line);
		}
		const times = again === undefined ? undefined : again + 1;
		this.repeats.push({ first: places[0]!, last: places.at(-1)!, times, line });
		if (filled === undefined)
			this.#addAgain(
				places.map((i) => this.planned[i]!),
				line.again ?? 0,
			);
	}

	#addAgain(rows: readonly PlannedRow[], times: number): void {
		for (let k = 0; k < times; k++) {
			for (const { line, told } of rows) {
				this.#after += 1;
				if (!this.#add(this.#after, line, told)) return;
			}
		}
	}
}
