/** The rows of a swatch in another language, by its table of wordings. */

import { craftOf } from '../craft/index.ts';
import { asTwoGroups, holdSide, type Crossing } from '../crossing/index.ts';
import type { Language } from '../language/index.ts';
import { fail, ok, type Result } from '../result.ts';
import { isTurned } from './turned.ts';
import { unitsOf } from './units.ts';
import { runAt } from './write.ts';
import type { Worked, WorkedRow } from '../worked/index.ts';

const said = (wording: string, numbers: Readonly<Record<string, number | string>>): string =>
	wording.replaceAll(/\{(\w+)\}/g, (_, name: string) => String(numbers[name] ?? ''));

/** Rows up to which a pattern is written; more are repeats that a text says better. */
const MOST_ROWS = 400;

/** Whom rows are written for. */
export interface ReaderOfRows {
	readonly language: Language;
	/** The rows are worked from the other edge, so that what leans left there is seen leaning right: as in `SwatchShown`. */
	readonly mirrored?: boolean;
}

/**
 * The rows in a language, one a line, with the cast-on and its repeats: what is read back from them is the same fabric.
 * Fails where the language has no wording for a stitch or a crossing, and where rows are not worked.
 */
export function rowsInLanguage(worked: Worked, to: ReaderOfRows): Result<string> {
	const { write, title } = to.language;
	if (!write) return cannot(`Rows are not written in ${title} here.`);
	const broken = worked.rows.find((row) => !row.ok);
	if (broken) return cannot(`Row ${broken.number} is not read.`);
	const isRound = worked.shape === 'round';
	const lines = [said(write.castOn, { n: worked.castOn })];
	const repeats = new Map(worked.repeats.map((r) => [r.last, r]));
	const turned = isTurned(worked);
	for (const [i, row] of worked.rows.entries()) {
		if (lines.length > MOST_ROWS) return cannot('It has too many rows to be written out.');
		if (row.told === row.number) {
			const body = rowInLanguage(worked, row, to);
			if (!body.ok) return body;
			const side = turned ? write.sides[row.side] : '';
			lines.push(`${said(isRound ? write.round : write.row, { n: row.number, side })} ${body.value}`);
		}
		const repeat = repeats.get(i);
		if (!repeat || repeat.times === 1) continue;
		const { rows, rounds, once, often, open } = write.repeat;
		const n = repeat.times === undefined ? 0 : repeat.times - 1;
		const wording = repeat.times === undefined ? open : n === 1 ? once : often;
		lines.push(
			said(wording, { a: worked.rows[repeat.first]!.number, b: row.number, n, rows: isRound ? rounds : rows }),
		);
	}
	return ok(lines.join('\n'));
}

const cannot = (what: string): Result<never> => fail({ code: 'language', what, todo: 'Show its rows in English.' });

/** What one row asks for, without its label. */
export function rowInLanguage({ craft }: Worked, row: WorkedRow, to: ReaderOfRows): Result<string> {
	const { write, title } = to.language;
	if (!write) return cannot(`Rows are not written in ${title} here.`);
	const parts: string[] = [];
	const units = unitsOf(row);
	for (let i = 0; i < units.length;) {
		const unit = units[i]!;
		if (unit.kind === 'crossing') {
			const { hasSentence } = craftOf(craft);
			const crossed = nameInLanguage(unit.crossing, to) ?? (hasSentence ? inSentence(unit.crossing, to) : undefined);
			if (crossed === undefined) return cannot(`“${unit.name}” in row ${row.number} has no wording.`);
			parts.push(crossed);
			i += 1;
			continue;
		}
		const many = runAt(units, i);
		const wording = write.stitches[unit.how];
		if (!wording) return cannot(`Row ${row.number} has ${unit.how}, for which there is no wording.`);
		if (wording.includes('{n}')) parts.push(said(wording, { n: many }));
		else for (let k = 0; k < many; k++) parts.push(wording);
		i += many;
	}
	return ok(parts.join(', '));
}

/** A crossing by its name, or else what hands do with a cable needle; none where it is not of two groups that are worked alike. */
export const crossingInLanguage = (c: Crossing, to: ReaderOfRows): string | undefined =>
	nameInLanguage(c, to) ?? inSentence(c, to);

/** The name says how it is seen to lean, in any hands. */
function nameInLanguage(c: Crossing, { language: { write }, mirrored }: ReaderOfRows): string | undefined {
	const groups = asTwoGroups(c);
	if (!groups || !write || groups.tip.length !== groups.far.length || c.work.some((w) => w !== 'k')) return undefined;
	return said((groups.lean === 'left') === (mirrored ?? false) ? write.right : write.left, { n: c.n });
}

/** Which stitches are held where is as these hands do it. */
function inSentence(c: Crossing, { language: { write } }: ReaderOfRows): string | undefined {
	const groups = asTwoGroups(c);
	if (!groups || !write) return undefined;
	const [first, second] = [groups.tip, groups.far];
	const [held, worked] = [write.fromCn[oneWork(c, first) ?? ''], write.stitches[oneWork(c, second) ?? '']];
	if (!held || !worked) return undefined;
	const hold = said(write.hold[holdSide(groups.lean)], { n: first.length });
	return `${hold}, ${said(worked, { n: second.length })}, ${said(held, { n: first.length })}`;
}

function oneWork(c: Crossing, stitches: readonly number[]): string | undefined {
	const work = c.work[stitches[0]! - 1];
	return stitches.every((s) => c.work[s - 1] === work) ? work : undefined;
}
