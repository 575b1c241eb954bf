import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readGlossary, readRows } from '../notation/index.ts';
import { named } from '../test/made.ts';
import { placesOf, plainUnits, unitsOf, widthOf } from './units.ts';
import {
	applied,
	changedInWords,
	copyBox,
	insertColumn,
	insertRows,
	placeCrossing,
	practiceSwatch,
	removeColumn,
	removeRow,
	type Result,
	rowsChanged,
	setFaces,
	type SwatchEdit,
	type Worked,
	workRows,
} from './index.ts';
import { writeLabel, writeUnits } from './write.ts';

const work = (text: string, castOn: number): Worked =>
	workRows(readRows(text, { school: 'slash', glossary: readGlossary('') }), { castOn, shape: 'flat', school: 'slash' });
const faces = (w: Worked): string[] => w.rows.map((r) => r.stitches.map((s) => s.face).join(''));
const crossings = (w: Worked): string[] =>
	w.rows.flatMap((r) => r.crossings.map((c) => `${r.number} ${c.at} ${c.name}`));
const errors = (w: Worked): string[] => w.problems.filter((p) => p.weight === 'error').map((p) => p.what);

interface Made {
	readonly text: string;
	readonly castOn: number;
	readonly w: Worked;
}
const made: fc.Arbitrary<Made> = fc
	.record({
		kind: fc.constantFrom('rope' as const, 'plait' as const, 'diamond' as const, 'honeycomb' as const),
		group: fc.integer({ min: 1, max: 3 }),
		border: fc.integer({ min: 0, max: 3 }),
		repeats: fc.integer({ min: 1, max: 3 }),
	})
	.map(({ kind, group, border, repeats }) => {
		const { text, castOn } = practiceSwatch({
			cords: [{ kind, group }],
			border,
			ground: 2,
			repeats,
			shape: 'flat',
			school: 'slash',
		});
		return { text, castOn, w: work(text, castOn) };
	});
const nat = fc.nat(10_000);

/** The swatch after an edit; `undefined` when it was refused. */
function after({ text, castOn }: Made, edit: Result<SwatchEdit>): Made | undefined {
	if (!edit.ok) {
		// A refusal says what, and what to do.
		expect(edit.problems[0]!.what.length * edit.problems[0]!.todo.length).toBeGreaterThan(0);
		return undefined;
	}
	const next = { text: applied(text, edit.value), castOn: edit.value.castOn ?? castOn };
	return { ...next, w: work(next.text, next.castOn) };
}

describe('units of a row', () => {
	it('lie side by side over the whole row, and are written as text that works out the same', () => {
		fc.assert(
			fc.property(made, nat, ({ w }, pick) => {
				const row = w.rows[pick % w.rows.length]!;
				const units = unitsOf(row);
				const covered = placesOf(units, row).flatMap((at, k) =>
					Array.from({ length: widthOf(units[k]!) }, (_, i) => at + i),
				);
				expect([...covered].sort((a, b) => a - b)).toEqual(row.stitches.map((_, i) => i));
				// On the needles of the row before, in a text of two rows whose second is on this row's side.
				const before = writeUnits(plainUnits(w, 0, 'RS'));
				const text =
					row.side === 'RS' ? `Row 1: ${writeUnits(units)}` : `Row 1: ${before}\nRow 2: ${writeUnits(units)}`;
				const again = work(text, row.stitches.length);
				expect(errors(again)).toEqual([]);
				expect(faces(again).at(-1)).toBe(row.stitches.map((s) => s.face).join(''));
			}),
			{ numRuns: 80 },
		);
	});

	it('stand in labels that are read back as the same rows', () => {
		const numbers = fc.uniqueArray(fc.integer({ min: 1, max: 300 }), { minLength: 1, maxLength: 12 });
		fc.assert(
			fc.property(
				numbers,
				fc.boolean(),
				fc.constantFrom('RS' as const, 'WS' as const, undefined),
				(list, round, side) => {
					const label = writeLabel(list, round, side);
					const [line] = readRows(`${label} k4`, { school: 'slash', glossary: readGlossary('') }).rows;
					expect([line?.numbers, line?.side]).toEqual([list, side]);
				},
			),
		);
	});
});

describe('changes of the chart', () => {
	it('keep what a row says in a sentence, and replace it whole', () => {
		const text =
			'• Row 1 - K4, p3, k4\nRow 2: K4, p4, k3\nRow 3: p3, sl next 2 sts to cn and hold in front, k2, k2 from cn, p2, k1, p1';
		const beside = text.slice(0, text.indexOf('Row 3'));
		const change = (edit: Result<SwatchEdit>): readonly [string, string[], string[]] => {
			if (!edit.ok) throw new Error(edit.problems[0]!.what);
			const now = applied(text, edit.value);
			const w = work(now, 11);
			expect(now.startsWith(beside)).toBe(true);
			return [now.slice(beside.length), faces(w).slice(2), crossings(w)];
		};
		const at = work(text, 11);
		expect(errors(at)).toEqual([]);
		const cell = (column: number) => ({ firstRow: 2, lastRow: 2, firstColumn: column, lastColumn: column });
		expect(change(setFaces(at, cell(9), 'p'))).toEqual([
			expect.stringContaining('sl next 2 sts to cn and hold in front, k2, k2 from cn'),
			['pppkkkkpppp'],
			['3 3 2/2 LC'],
		]);
		expect(change(placeCrossing(at, 2, 3, '2/2 RC', named('2/2 RC')))).toEqual([
			expect.not.stringContaining('cn'),
			['pppkkkkppkp'],
			['3 3 2/2 RC'],
		]);
	});

	it('that lay a crossing put just that one there, and keep all that it does not touch', () => {
		fc.assert(
			fc.property(made, nat, nat, fc.constantFrom('2/2 LC', '1/1 RC', '2/1 LPC', '3/3 RC'), (swatch, r, c, name) => {
				const { w } = swatch;
				const i = r % w.rows.length;
				const crossing = named(name);
				const laid = after(swatch, placeCrossing(w, i, c % swatch.castOn, name, crossing));
				if (!laid) return;
				expect(errors(laid.w)).toEqual([]);
				const row = laid.w.rows[i]!;
				expect(row.crossings.map((x) => [x.at, x.name])).toContainEqual([c % swatch.castOn, name]);
				const apart = w.rows[i]!.crossings.filter(
					(x) => x.at >= (c % swatch.castOn) + crossing.n || x.at + x.crossing.n <= c % swatch.castOn,
				);
				for (const kept of apart) expect(row.crossings.map((x) => x.at)).toContain(kept.at);
				expect(laid.w.rows.length).toBe(w.rows.length);
			}),
			{ numRuns: 80 },
		);
	});

	it('that copy a box onto itself change nothing, and refuse one that cuts a crossing', () => {
		fc.assert(
			fc.property(made, nat, nat, nat, (swatch, r, a, b) => {
				const { w, castOn } = swatch;
				const row = r % w.rows.length;
				const [first, last] = [a % castOn, b % castOn].sort((x, y) => x - y) as [number, number];
				const box = {
					firstRow: row,
					lastRow: Math.min(row + 1, w.rows.length - 1),
					firstColumn: first,
					lastColumn: last,
				};
				const cut = w.rows
					.slice(box.firstRow, box.lastRow + 1)
					.some((x) =>
						x.crossings.some(
							({ at, crossing: { n } }) => at <= last && at + n > first && (at < first || at + n - 1 > last),
						),
					);
				const same = copyBox(w, box, row, first);
				expect(same.ok).toBe(!cut);
				const again = after(swatch, same);
				if (again) expect([faces(again.w), crossings(again.w)]).toEqual([faces(w), crossings(w)]);
			}),
			{ numRuns: 80 },
		);
	});

	it('are changes in the order of the text that never overlap', () => {
		fc.assert(
			fc.property(made, nat, nat, (swatch, r, c) => {
				const { w, text, castOn } = swatch;
				const box = { firstRow: r % w.rows.length, lastRow: w.rows.length - 1, firstColumn: 0, lastColumn: c % castOn };
				for (const edit of [setFaces(w, box, 'p'), insertRows(w, text, box.firstRow, 2), insertColumn(w, c % castOn)]) {
					if (!edit.ok) continue;
					let at = 0;
					for (const { from, to } of edit.value.changes) {
						expect(from).toBeGreaterThanOrEqual(at);
						expect(to).toBeGreaterThanOrEqual(from);
						at = to;
					}
					expect(at).toBeLessThanOrEqual(text.length);
				}
			}),
			{ numRuns: 60 },
		);
	});

	/** As people write them: markers, remarks, brackets, stars, rows told together and rows as others. */
	const WRITTEN = [
		[
			'# a lantern sleeve\nRow 1 (RS): p2, pm, [k4, p2] twice, pm, k2 # the first\nRow 2 (WS): p2, sm, *k2, p4; rep from * to last 2 sts, sm, k2\nRow 3: p2, sm, 2/2 LC, p2, 2/2 RC, p2, sm, k to end // crossed\nRow 4: as row 2\nRow 5: p2, rm, [k4, p2] 2 times, rm, k2',
			16,
		],
		[
			'Row 1: *k2, p2; rep from * to end\nRows 2, 4, 6 and 8 (WS): work as they stand -- all of them\nRow 3 and every following 4th row: [2/2 LC] 4 times\nRow 5: k to end\nRow 9: k4, p8, k4',
			16,
		],
		[
			'Row 1: k2, p to last 2 sts, k2\nAll WS rows: k the ks and p the ps\nRow 3: k2, 2/2 LC, pm, p4, 2/2 RC, k2\nrep rows 1-4 twice more',
			16,
		],
	] as const;
	const lines = (text: string): string[] => text.split('\n');

	it('leave the text of every line that they do not change, and the rows too or say which come out otherwise', () => {
		const starts = WRITTEN.map(([text, castOn]) => ({ text, castOn, w: work(text, castOn) }));
		const acts = fc.array(fc.tuple(fc.nat(5), nat, nat), { minLength: 1, maxLength: 6 });
		let [done, told, marked] = [0, 0, 0];
		fc.assert(
			fc.property(fc.nat(starts.length - 1), acts, (which, list) => {
				const from = starts[which]!;
				expect(errors(from.w)).toEqual([]);
				let now: Made = from;
				for (const [act, a, b] of list) {
					const { w, text, castOn } = now;
					const [i, c] = [a % w.rows.length, b % castOn];
					const box = { firstRow: i, lastRow: i, firstColumn: c, lastColumn: Math.min(castOn - 1, c + (a % 3)) };
					const edit = [
						() => setFaces(w, box, a % 2 ? 'k' : 'p'),
						() => placeCrossing(w, i, c, '1/1 LC', named('1/1 LC')),
						() => insertRows(w, text, i, 2),
						() => removeRow(w, text, i, 1 + (b % 2)),
						() => insertColumn(w, c),
						() => removeColumn(w, c),
					][act]!();
					const next = after(now, edit);
					if (!next || !edit.ok) continue;
					const changed = rowsChanged(w, next.w, edit.value.toldAfter, { wider: edit.value.castOn !== undefined });
					if (changed.length > 0) {
						// It is asked first, and left.
						expect(changedInWords(changed)).toMatch(/^Row \d+ /);
						told += 1;
						continue;
					}
					// Remarks stay, each where it was among the others.
					const remarks = (t: string): string[] => [...t.matchAll(/(?:#|\/\/|--).*/g)].map(([r]) => r);
					if (act !== 3) expect(remarks(next.text)).toEqual(remarks(text));
					expect(errors(next.w)).toEqual([]);
					const marks = (x: Worked): number => x.rows.reduce((sum, r) => sum + r.marks.length, 0);
					if (act < 2 && marks(w) > 0) {
						expect(next.w.rows.map((r) => r.markers)).toEqual(w.rows.map((r) => r.markers));
						marked += 1;
					}
					if (act === 0) {
						expect(faces(next.w)[i]!.slice(c, box.lastColumn + 1)).toMatch(a % 2 ? /^k+$/ : /^p+$/);
						// At most the line itself, its label and a line of its own are new.
						const others = lines(text).filter((l) => !lines(next.text).includes(l));
						expect(others.length).toBeLessThanOrEqual(1);
					}
					done += 1;
					now = next;
				}
			}),
			{ numRuns: 150 },
		);
		expect(Math.min(done, told, marked)).toBeGreaterThan(10);
	});

	it('rewrite a row only where it changes', () => {
		const [text, castOn] = WRITTEN[0];
		const w = work(text, castOn);
		const edit = setFaces(w, { firstRow: 1, lastRow: 1, firstColumn: 15, lastColumn: 15 }, 'p');
		expect(edit.ok && lines(applied(text, edit.value))[2]).toBe(
			'Row 2 (WS): k1, p1, sm, *k2, p4; rep from * to last 2 sts, sm, k2',
		);
		const over = placeCrossing(w, 2, 1, '1/1 LC', named('1/1 LC'));
		expect(over.ok ? '' : over.problems[0]!.what).toBe('There is a marker in row 3, and a crossing cannot go over it.');
		const fewer = removeRow(w, text, 0, 2);
		expect(fewer.ok && lines(applied(text, fewer.value)).slice(1)).toEqual([
			expect.stringMatching(/^Row 1: p2, sm, 2/) as string,
			'Row 2: p2, sm, k2, p4, k2, p4, sm, k2',
			expect.stringMatching(/^Row 3: /) as string,
		]);
		const wider = insertColumn(w, 16 - 1);
		expect(wider.ok && lines(applied(text, wider.value))[3]).toContain('sm, 2/2 LC, p2, 2/2 RC, p2, sm, k3 // crossed');
	});
});
