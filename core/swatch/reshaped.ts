/** A pattern written for another shape or craft so that the fabric stays: WS rows are read back and written as rounds, or the other way about. */

import { turn } from '../crossing/index.ts';
import { readRows, SCHOOLS, sentenceFor, type RowLine } from '../notation/index.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Checked } from './checked.ts';
import { applied } from './edit.ts';
import { FROM_BEHIND } from './from-behind.ts';
import { refers } from './refers.ts';
import type { TextChange } from './rewrite.ts';
import { isTurned } from './turned.ts';
import { workRows } from './work.ts';
import { writeLabel } from './write.ts';
import { writeRow } from './write-row.ts';
import type { SwatchShape, Worked, WorkedRow } from '../worked/index.ts';

export interface Reshaped {
	readonly shape: SwatchShape;
	readonly craft: string;
}

/** Stitches that are the same from either side. */
const SAME: ReadonlySet<string> = new Set(['sl', 'yo']);

/**
 * The text of a swatch for another shape or craft, with the same fabric; as it is where nothing is turned about.
 * Fails where a row has a stitch or a crossing that cannot be written from its other side, and where the rows that come
 * out are not the same: all of them are worked and compared.
 */
export function reshaped(checked: Checked, to: Reshaped): Result<string> {
	const { swatch, worked } = checked;
	const broken = worked.rows.find((row) => !row.ok);
	if (broken) return cannot(`Row ${broken.number} is not read.`, 'Correct it first.');
	if (isTurned(worked) === isTurned(to) && worked.shape === to.shape) return ok(swatch.text);
	// A row “as row 2” stays so where that comes out, and is written out where it does not.
	const kept = written(checked, to, false);
	return kept.ok && !differs(checked, to, kept.value) ? kept : provenIn(checked, to, written(checked, to, true));
}

function provenIn(checked: Checked, to: Reshaped, made: Result<string>): Result<string> {
	const other = made.ok ? differs(checked, to, made.value) : undefined;
	return other
		? cannot(`Row ${other.number} would come out otherwise.`, 'Keep the words, and write it yourself.')
		: made;
}

function written({ swatch: { text }, worked, rows: read }: Checked, to: Reshaped, inFull: boolean): Result<string> {
	const changes: TextChange[] = [];
	const sentences = new Map<string, string>();
	// “Rows 5-8: as rows 1-4” is four lines in one place.
	const places = new Map<number, RowLine[]>();
	for (const line of worked.lines) places.set(line.from, [...(places.get(line.from) ?? []), line]);
	for (const lines of places.values()) {
		const rows = worked.rows.filter((row) => lines.includes(row.line) && row.told === row.number);
		const bodies: (string | undefined)[] = [];
		for (const row of rows) {
			const body = writtenFor(row, sideIn(row, worked, to), sentences, inFull);
			if (!body.ok) return body;
			bodies.push(body.value);
		}
		if (rows.length > 0) changes.push(...changesOf(text, lines[0]!, rows, bodies, to));
	}
	const { shape } = read;
	const isSaid = shape && !worked.lines.some((line) => line.label?.from === shape.from);
	if (isSaid && to.shape !== worked.shape && !read.castOn)
		changes.push({ ...shape, insert: to.shape === 'round' ? 'Join in the round.' : 'Worked flat.' });
	if (sentences.size > 0) {
		const lines = [...sentences].map(([name, sentence]) => `${name}: ${sentence}\n`);
		changes.unshift({ from: 0, to: 0, insert: lines.join('') });
	}
	return ok(applied(text, { changes: changes.sort((a, b) => a.from - b.from) }));
}

/** The first row that a text makes otherwise in the new shape. */
function differs({ swatch, worked, rows: read }: Checked, to: Reshaped, text: string): WorkedRow | undefined {
	const glossary = { ...read.glossary, entries: read.glossary.entries.filter((e) => !e.told) };
	const rows = readRows(text, { school: swatch.school, among: swatch.schools, glossary });
	const again = workRows(rows, { ...swatch, ...to });
	if (again.rows.length > worked.rows.length) return again.rows[worked.rows.length];
	return worked.rows.find((row, i) => !isSame(row, again.rows[i]));
}

const cannot = (what: string, todo: string): Result<never> => fail({ code: 'reshape', what, todo });

/** The side on which a row is worked in the new shape: odd rows on the RS, as the first one has it. */
function sideIn({ number }: WorkedRow, { rows }: Worked, to: Reshaped): 'RS' | 'WS' {
	if (!isTurned(to)) return 'RS';
	const first = rows[0]!.number;
	return Math.abs(number - first) % 2 === (first === 0 ? 1 : 0) ? 'RS' : 'WS';
}

/** The instructions of a row from a side; `undefined` where it is worked from that side already. */
function writtenFor(
	row: WorkedRow,
	side: 'RS' | 'WS',
	sentences: Map<string, string>,
	inFull: boolean,
): Result<string | undefined> {
	const { line } = row;
	const isLike = refers(line);
	// Knit the knits and purl the purls: the same from either side. A row like another is that row.
	const isEither = (isLike && !inFull) || line.items.every((item) => item.kind === 'as-they-stand');
	if (isEither || (row.side === side && !isLike)) return ok(undefined);
	const isBehind = row.side !== side;
	const unknown = row.stitches.find(
		(s) => isBehind && s.how !== 'x' && !SAME.has(s.how) && FROM_BEHIND[s.how] === undefined,
	);
	if (unknown)
		return cannot(`Row ${row.number} has ${unknown.how}, which is not written from the other side here.`, TODO);
	const crossings = [];
	for (const c of row.crossings) {
		const asWorked = isBehind ? turn(c.asWorked) : c.asWorked;
		let name = SCHOOLS.slash.write(asWorked);
		if (!name) {
			// What no abbreviation says is said in a line of its own.
			const sentence = sentenceFor(asWorked);
			if (!sentence) return cannot(`“${c.name}” in row ${row.number} cannot be written from the other side.`, TODO);
			name = `${SCHOOLS.slash.write(c.crossing) ?? c.name} ${side.toLowerCase()}`;
			sentences.set(name, sentence);
		}
		crossings.push({ ...c, asWorked, name });
	}
	const seen: WorkedRow = {
		...row,
		side,
		crossings,
		stitches: isBehind ? row.stitches.map((s) => ({ ...s, how: FROM_BEHIND[s.how] ?? s.how })) : row.stitches,
	};
	return ok(writeRow(seen));
}
const TODO = 'Take it out of that row, or keep the words.';

/** A line with its new label, and with new instructions where its rows are turned about. */
function changesOf(
	text: string,
	line: RowLine,
	rows: readonly WorkedRow[],
	bodies: readonly (string | undefined)[],
	to: Reshaped,
): readonly TextChange[] {
	const isRound = to.shape === 'round';
	const stays = text.slice(line.body.from, line.body.to);
	// Rows on one line are separated by their full stops.
	const stop = /\.\s*$/.test(stays) ? '.' : '';
	const says = bodies.map((body) => (body === undefined ? stays : body + stop));
	const label = (of: readonly WorkedRow[]): string => {
		const { colour } = line;
		return writeLabel([...new Set(of.map((row) => row.number))], isRound, undefined, colour);
	};
	const from = line.label?.from ?? line.from;
	if (says.every((one) => one === says[0])) {
		const head = line.label && rows[0]!.number > 0 ? `${label(rows)} ` : text.slice(from, line.body.from);
		return [{ from, to: line.body.to, insert: head + says[0]! }];
	}
	const groups = new Map<string, WorkedRow[]>();
	for (const [i, row] of rows.entries()) groups.set(says[i]!, [...(groups.get(says[i]!) ?? []), row]);
	const lines = [...groups].map(([body, of]) => `${label(of)} ${body}`);
	return [{ from, to: line.body.to, insert: lines.join('\n') }];
}

const isSame = (a: WorkedRow, b: WorkedRow | undefined): boolean =>
	b !== undefined &&
	b.ok &&
	a.stitches.length === b.stitches.length &&
	a.stitches.every((s, i) => s.face === b.stitches[i]!.face && s.twisted === b.stitches[i]!.twisted) &&
	JSON.stringify(a.crossings.map(({ at, crossing }) => [at, crossing])) ===
		JSON.stringify(b.crossings.map(({ at, crossing }) => [at, crossing]));
