/** The rows of a swatch in another language, by its table of wordings. */

import { asTwoGroups, holdSide, type Crossing } from '../crossing/index.ts';
import type { Language, Writing } from '../language/index.ts';
import { fail, ok, type Result } from '../result.ts';
import { isTurned } from './turned.ts';
import { unitsOf } from './units.ts';
import { runAt } from './write.ts';
import type { Worked, WorkedRow } from '../worked/index.ts';

const said = (wording: string, numbers: Readonly<Record<string, number | string>>): string =>
	wording.replaceAll(/\{(\w+)\}/g, (_, name: string) => String(numbers[name] ?? ''));

/** Rows up to which a pattern is written; more are repeats that a text says better. */
const MOST_ROWS = 400;

/**
 * The rows in the language, one a line, with the cast-on and its repeats: what is read back from them is the same fabric.
 * Fails where the language has no wording for a stitch or a crossing, and where rows are not worked.
 */
export function rowsInLanguage(worked: Worked, { write, title }: Language): Result<string> {
	if (!write) return cannot(`Rows are not written in ${title} here.`);
	const broken = worked.rows.find((row) => !row.ok);
	if (broken) return cannot(`Row ${broken.number} is not read.`);
	const lines = [said(write.castOn, { n: worked.castOn })];
	const repeats = new Map(worked.repeats.map((r) => [r.last, r]));
	const turned = isTurned(worked);
	for (const [i, row] of worked.rows.entries()) {
		if (lines.length > MOST_ROWS) return cannot('It has too many rows to be written out.');
		if (row.told === row.number) {
			const body = rowIn(row, write);
			if (!body.ok) return body;
			const side = turned ? write.sides[row.side] : '';
			const label = worked.shape === 'round' ? write.round : write.row;
			lines.push(`${said(label, { n: row.number, side })} ${body.value}`);
		}
		const repeat = repeats.get(i);
		if (repeat?.times !== undefined && repeat.times > 1 && worked.shape !== 'round') {
			const [a, b, n] = [worked.rows[repeat.first]!.number, row.number, repeat.times - 1];
			lines.push(said(n === 1 ? write.repeat.once : write.repeat.often, { a, b, n }));
		} else if (repeat?.times !== undefined && repeat.times > 1)
			return cannot('Repeats of rounds are not written here.');
	}
	return ok(lines.join('\n'));
}

const cannot = (what: string): Result<never> => fail({ code: 'language', what, todo: 'Show its rows in English.' });

function rowIn(row: WorkedRow, write: Writing): Result<string> {
	const parts: string[] = [];
	const units = unitsOf(row);
	for (let i = 0; i < units.length;) {
		const unit = units[i]!;
		if (unit.kind === 'crossing') {
			const crossed = crossingIn(unit.crossing, write);
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

/** A crossing by its name, or in a sentence with a cable needle. */
function crossingIn(c: Crossing, write: Writing): string | undefined {
	const groups = asTwoGroups(c);
	if (!groups) return undefined;
	const [first, second] = [groups.tip, groups.far].map((stitches) => ({
		many: stitches.length,
		work: oneWork(c, stitches),
	})) as [{ many: number; work: string | undefined }, { many: number; work: string | undefined }];
	if (first.work === undefined || second.work === undefined) return undefined;
	if (first.many === second.many && first.work === 'k' && second.work === 'k')
		return said(groups.lean === 'left' ? write.left : write.right, { n: c.n });
	const worked = write.stitches[second.work];
	const held = write.fromCn[first.work];
	if (!worked || !held) return undefined;
	const hold = said(write.hold[holdSide(groups.lean)], { n: first.many });
	return `${hold}, ${said(worked, { n: second.many })}, ${said(held, { n: first.many })}`;
}

function oneWork(c: Crossing, stitches: readonly number[]): string | undefined {
	const work = c.work[stitches[0]! - 1];
	return stitches.every((s) => c.work[s - 1] === work) ? work : undefined;
}
