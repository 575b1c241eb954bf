/** A swatch as it is shown to somebody: rows, chart and legend for their hands, crossings by the names that they know. */

import { craftOf, type Demonstration } from '../craft/index.ts';
import { mirror, type Crossing } from '../crossing/index.ts';
import { memoize } from '../memoize/index.ts';
import {
	entryFor,
	nameIn,
	readGlossary,
	readName,
	sentenceFor,
	type RowLine,
	type SchoolId,
} from '../notation/index.ts';
import { checked, type Checked, type SwatchText } from './checked.ts';
import { cordsOf } from './cords.ts';
import { inHands } from './in-hands.ts';
import { refers } from './refers.ts';
import { isTurned } from './turned.ts';
import { legendOf, type LegendEntry } from './swatch-words.ts';
import { CAST_ON } from './work.ts';
import { workRow } from './work-row.ts';
import { writeRow } from './write-row.ts';
import { SWATCH_LIMITS, type WorkedCrossing, type WorkedRow, type WorkedStitch } from '../worked/index.ts';

/** Whom it is shown to. */
export interface ShownTo {
	readonly demonstrates: Demonstration;
	/** The teacher's own lines. */
	readonly glossary: string;
}

export interface SwatchShown extends Pick<Checked, 'worked' | 'cords'> {
	readonly checked: Checked;
	/** Whether its pictures are turned left to right. */
	readonly mirrored: boolean;
	/** All lines of it, as they are followed. */
	readonly text: string;
	/** What row `i` says, from 0. */
	readonly rowText: (i: number) => string;
	readonly legend: readonly LegendEntry[];
}

const shown = memoize(
	60,
	(swatch: SwatchText, style: ShownTo, school: SchoolId | undefined) =>
		JSON.stringify([swatch, style.demonstrates, style.glossary, school]),
	(swatch, { demonstrates, glossary }, school): SwatchShown => {
		const told = checked(swatch, glossary);
		const as: Demonstration = craftOf(told.worked.craft).isHanded ? demonstrates : 'right';
		const { worked: turned, mirrored } = inHands(told.worked, as);
		const isAsTyped = as === 'right' && school === undefined;
		const name = (c: WorkedCrossing): string => {
			const by = school ?? (c.by === 'glossary' ? undefined : c.by);
			if (isAsTyped || by === undefined) return c.name;
			const made = { ...c.asWorked, work: workOf(c, as === 'left-same') };
			// A name that the wanted school has none for would mean something else there; the names by look say it to all.
			return nameIn(by, made, mirrored) ?? nameIn('slash', made, mirrored) ?? c.name;
		};
		const worked = isAsTyped
			? turned
			: {
					...turned,
					rows: turned.rows.map((row) => ({ ...row, crossings: row.crossings.map((c) => ({ ...c, name: name(c) })) })),
				};
		const cords = as === 'left-same' ? cordsOf(worked) : told.cords;
		const writer = new RowsWriter(swatch.text, told, worked.rows, as);
		return {
			checked: told,
			worked,
			cords,
			mirrored,
			text: isAsTyped ? swatch.text : writer.text(),
			rowText: (i) => writer.rowText(i),
			legend: legendOf(worked, cords, mirrored),
		};
	},
);

/** How a name asks for its stitches to be worked; what a craft makes of that is no part of the name. */
function workOf({ name, by, asWorked }: WorkedCrossing, isTurned: boolean): Crossing['work'] {
	const read = by === 'glossary' ? undefined : readName(name, by);
	if (!read?.ok) return asWorked.work;
	const asked = isTurned ? mirror(read.crossing) : read.crossing;
	return asked.order.join() === asWorked.order.join() ? asked.work : asWorked.work;
}

/** `school`: the names that are wanted; those that stand there when left out. */
export const swatchShown = (swatch: SwatchText, to: ShownTo, school?: SchoolId): SwatchShown =>
	shown(swatch, to, school);

interface Change {
	readonly from: number;
	readonly to: number;
	readonly insert: string;
}

/** A line that tells a name by a sentence. */
const GLOSSARY_LINE = /^(\s*([^:=]{1,80}?)\s*[:=]\s*)(\S.*)$/;

/** Rows written for other hands or by other names; what is not a row stays as it was typed. */
class RowsWriter {
	readonly #typed: string;
	readonly #told: Checked;
	readonly #rows: readonly WorkedRow[];
	readonly #isTurned: boolean;

	constructor(typed: string, told: Checked, rows: readonly WorkedRow[], as: Demonstration) {
		this.#typed = typed;
		this.#told = told;
		this.#rows = rows;
		this.#isTurned = as === 'left-same';
	}

	rowText(i: number): string {
		const row = this.#rows[i]!;
		const { body } = row.line;
		const typed = this.#typed.slice(body.from, body.to);
		if (!row.ok) return typed;
		return this.#isTurned ? writeRow(row) : applied(typed, this.#names(row), body.from);
	}

	text(): string {
		const { lines } = this.#told.worked;
		if (!this.#isTurned)
			return applied(
				this.#typed,
				lines.flatMap((line) => this.#firstOf(line).flatMap((row) => this.#names(row))),
				0,
			);
		const changes = lines.filter((line) => !this.#readsAlike(line)).flatMap((line) => this.#line(line));
		return applied(this.#typed, [...changes, ...this.#glossary()], 0);
	}

	/** Whether a line reads the same from both edges, and so stays as it was typed: working it tells. */
	#readsAlike(line: RowLine): boolean {
		const { craft, twist, castOn } = this.#told.worked;
		return this.#rows.every((row, i) => {
			if (row.line !== line || !row.ok) return true;
			if (row.crossings.length > 0 || row.marks.length > 0) return false;
			const before = this.#rows[i - 1];
			const again = workRow(line.items, {
				stitches: before?.stitches ?? Array.from({ length: castOn }, () => CAST_ON),
				markers: before?.markers ?? [],
				side: row.side,
				isFirst: before === undefined,
				turned: isTurned(this.#told.worked),
				craft,
				twist,
				at: line.body,
				most: SWATCH_LIMITS.stitches,
				budget: { left: SWATCH_LIMITS.doneInAll },
			});
			return again.ok && sameHow(again.done.stitches, row.stitches);
		});
	}

	#firstOf(line: RowLine): readonly WorkedRow[] {
		return this.#rows.filter((row) => row.line === line && row.told === row.number && row.ok).slice(0, 1);
	}

	/** Other names, each in the place of the one that was typed. */
	#names(row: WorkedRow): readonly Change[] {
		const { body } = row.line;
		const before = this.#told.worked.rows[this.#rows.indexOf(row)]!;
		const places = new Map<number, Change>();
		for (const [k, c] of row.crossings.entries()) {
			const typed = before.crossings[k]?.name ?? '';
			const at = c.from < body.from || c.to > body.to ? -1 : this.#typed.slice(c.from, c.to).indexOf(typed);
			if (at >= 0 && typed !== c.name)
				places.set(c.from, { from: c.from + at, to: c.from + at + typed.length, insert: c.name });
		}
		return [...places.values()];
	}

	#line(line: RowLine): readonly Change[] {
		const rows = this.#rows.filter((row) => row.line === line && row.told === row.number && row.ok);
		const [first] = rows;
		// A line that refers to another is worked as that one is.
		if (!first || refers(line)) return [];
		const bodies = rows.map(writeRow);
		const [body] = bodies as [string, ...string[]];
		if (bodies.every((other) => other === body)) return [{ ...line.body, insert: body }];
		// What goes on to the end may come out otherwise in each of its rows; then each has a line of its own.
		const word = this.#told.worked.shape === 'round' ? 'Rnd' : 'Row';
		const lines = rows.map((row, k) => `${word} ${row.number} (${row.side}): ${bodies[k]!}`);
		return [{ from: line.from, to: line.body.to, insert: lines.join('\n') }];
	}

	/** Sentences that stand among the rows, as the other hands do them. */
	#glossary(): readonly Change[] {
		const own = readGlossary(this.#typed);
		let from = 0;
		return this.#typed.split('\n').flatMap((line): readonly Change[] => {
			const start = from;
			from += line.length + 1;
			const [, head = '', name = ''] = GLOSSARY_LINE.exec(line) ?? [];
			const made =
				name && this.#told.rows.glossary.entries.some((e) => e.told && e.name === name)
					? entryFor(own, name)?.readings[0]
					: undefined;
			const sentence = made && sentenceFor(mirror(made.crossing));
			return sentence ? [{ from: start + head.length, to: start + line.length, insert: sentence }] : [];
		});
	}
}

const sameHow = (a: readonly WorkedStitch[], b: readonly WorkedStitch[]): boolean =>
	a.length === b.length && a.every((s, i) => s.how === b[i]!.how);

function applied(text: string, changes: readonly Change[], shift: number): string {
	let out = text;
	for (const { from, to, insert } of [...changes].sort((a, b) => b.from - a.from))
		out = out.slice(0, from - shift) + insert + out.slice(to - shift);
	return out;
}
