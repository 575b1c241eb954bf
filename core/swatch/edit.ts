/**
 * Changes of a chart as changes of the text, which is the document: only lines whose rows change are
 * touched, so remarks, other rows and the way they were written stay.
 */

import type { Crossing } from '../crossing/index.ts';
import type { RowLine } from '../notation/index.ts';
import { fail, ok, type Result } from '../result.ts';
import type { ToldAfter } from './changed.ts';
import { isTurned } from './turned.ts';
import { placesOf, plainUnits, stitch, unitsOf, widthOf, workedAs, type Unit } from './units.ts';
import { rewriteBody, type TextChange } from './rewrite.ts';
import { writeLabel, writeUnits } from './write.ts';
import { SWATCH_LIMITS, type Worked, type WorkedRow } from '../worked/index.ts';

export interface SwatchEdit {
	/** In the order of the text, none overlapping. */
	readonly changes: readonly TextChange[];
	/** The new cast-on, when that changes too. */
	readonly castOn?: number;
	/** Which rows stay, and under which number: what else changes is told before it is done. */
	readonly toldAfter: ToldAfter;
}

/** Rows by place and columns from the right, all inclusive. */
export interface Box {
	readonly firstRow: number;
	readonly lastRow: number;
	readonly firstColumn: number;
	readonly lastColumn: number;
}

const refuse = (what: string, todo: string): Result<never> => fail({ code: 'edit', what, todo });

/** Rewrites rows. A row that repeats another is changed where it is told; of several such the first counts. */
export function rewriteRows(worked: Worked, rows: ReadonlyMap<number, readonly Unit[]>): Result<SwatchEdit> {
	const byLine = new Map<RowLine, Map<number, Rewritten>>();
	for (const [i, units] of rows) {
		const row = worked.rows[i]!;
		const of = byLine.get(row.line) ?? new Map<number, Rewritten>();
		if (!of.has(row.told)) of.set(row.told, { row, units });
		byLine.set(row.line, of);
	}
	const changes: TextChange[] = [];
	for (const [line, told] of byLine) {
		const done = rewriteLine(worked, line, told);
		if (!done.ok) return done;
		changes.push(...done.value);
	}
	const touched = new Set([...byLine.values()].flatMap((told) => [...told.keys()]));
	return ok({
		changes: changes.sort((a, b) => a.from - b.from),
		toldAfter: (n) => (touched.has(n) ? undefined : n),
	});
}

interface Rewritten {
	readonly row: WorkedRow;
	readonly units: readonly Unit[];
}

function rewriteLine(worked: Worked, line: RowLine, told: ReadonlyMap<number, Rewritten>): Result<TextChange[]> {
	const [first] = line.numbers;
	const only = line.numbers.length === 1 && !line.every ? told.get(first!) : undefined;
	if (only) {
		const body = rewriteBody(only.row, unitsOf(only.row), only.units);
		if (!body.ok) return body;
		// The others of “every 4th row” get lines of their own.
		const others = new Map([...told].filter(([n]) => n !== first));
		const more = others.size > 0 ? rewriteLine(worked, line, others) : ok([]);
		return more.ok ? ok([body.value, ...more.value]) : more;
	}
	const round = worked.shape === 'round';
	const left = line.numbers.filter((n) => !told.has(n));
	const lines: string[] = [];
	for (const [n, { row, units }] of [...told].sort(([a], [b]) => a - b)) {
		const body = rewriteBody(row, unitsOf(row), units, { whole: true });
		if (!body.ok) return body;
		// With two yarns the label says which, and on which side; without, its number says the side.
		const label = line.colour ? writeLabel([n], round, line.side, line.colour) : writeLabel([n], round);
		lines.push(`${label} ${body.value.insert}`);
	}
	const more = lines.join('\n');
	if (left.length === line.numbers.length) return ok([{ from: line.to, to: line.to, insert: `\n${more}` }]);
	// Nothing is left for the line itself.
	if (left.length === 0 && !line.every) return ok([{ from: line.from, to: line.to, insert: more }]);
	return ok([
		{ ...line.label!, insert: labelFor(left, line, round) },
		{ from: line.to, to: line.to, insert: `\n${more}` },
	]);
}

function labelFor(numbers: readonly number[], { every, side, colour }: RowLine, round: boolean): string {
	if (!every) return writeLabel(numbers, round, side, colour);
	const all = every === 'any' ? 'all rows' : `all ${every} rows`;
	return numbers.length === 0
		? `${all.replace('all', 'All')}:`
		: `${writeLabel(numbers, round).slice(0, -1)} and ${all}:`;
}

/** The units of a row with crossings that touch these columns taken apart into stitches. */
function dissolved(row: WorkedRow, first: number, last: number): Unit[] {
	const units = unitsOf(row);
	const places = placesOf(units, row);
	return units.flatMap((unit, k) => {
		const at = places[k]!;
		if (unit.kind !== 'crossing' || at > last || at + widthOf(unit) - 1 < first) return [unit];
		const { crossing } = unit;
		return crossing.work.map((w) => stitch(w));
	});
}

/** Whether each unit of a row takes as many stitches as it leaves. */
const SIMPLE = new Set(['k', 'p', 'ktbl', 'ptbl', 'sl', 'cast-on']);
const isSimple = (unit: Unit): boolean => unit.kind === 'crossing' || SIMPLE.has(unit.how);

function placed(row: WorkedRow, units: readonly Unit[], first: number, last: number): number[] | undefined {
	const places = placesOf(units, row);
	const inside = units.flatMap((unit, k) => (places[k]! >= first && places[k]! <= last ? [k] : []));
	const simple = inside.every((k) => units[k]!.kind === 'stitch' && isSimple(units[k]!));
	const wide = inside.reduce((sum, k) => sum + widthOf(units[k]!), 0);
	return simple && wide === last - first + 1 ? inside : undefined;
}

/** Makes the stitches in a box show a face on the right side; crossings that it touches are taken apart. */
export function setFaces(worked: Worked, box: Box, face: 'k' | 'p'): Result<SwatchEdit> {
	const rows = new Map<number, Unit[]>();
	for (let i = box.firstRow; i <= box.lastRow; i++) {
		const row = worked.rows[i]!;
		const last = Math.min(box.lastColumn, row.stitches.length - 1);
		const units = dissolved(row, box.firstColumn, last);
		const inside = placed(row, units, box.firstColumn, last);
		if (!inside) return refuse(`Row ${row.number} is shaped there.`, 'Change increases and decreases in the text.');
		for (const k of inside) units[k] = stitch(workedAs(face, row.side));
		rows.set(i, units);
	}
	return rewriteRows(worked, rows);
}

/** Lays a crossing, as the worker of that row sees it, over the stitches from a column on. */
export function placeCrossing(
	worked: Worked,
	i: number,
	column: number,
	name: string,
	crossing: Crossing,
): Result<SwatchEdit> {
	const row = worked.rows[i]!;
	const last = column + crossing.n - 1;
	if (last >= row.stitches.length) {
		return refuse(
			`${name} takes ${crossing.n} stitches, and ${row.stitches.length - column} are there.`,
			'Put it further right.',
		);
	}
	const units = dissolved(row, column, last);
	const inside = placed(row, units, column, last);
	if (!inside) return refuse(`Row ${row.number} is shaped there.`, 'Put it beside the shaping, or change the text.');
	units.splice(inside[0]!, inside.length, { kind: 'crossing', name, crossing });
	return rewriteRows(worked, new Map([[i, units]]));
}

/**
 * Copies a box to another place, its lower right corner at (row, column); `move` leaves purl ground
 * where it was. Crossings that the box cuts are refused.
 */
export function copyBox(worked: Worked, box: Box, row: number, column: number, move = false): Result<SwatchEdit> {
	const rows = new Map<number, Unit[]>();
	const wide = box.lastColumn - box.firstColumn + 1;
	if (row + box.lastRow - box.firstRow >= worked.rows.length) {
		return refuse('There are not as many rows above that place.', 'Add rows first, or copy it lower.');
	}
	for (let k = 0; k <= box.lastRow - box.firstRow; k++) {
		const source = worked.rows[box.firstRow + k]!;
		const target = worked.rows[row + k]!;
		if (source.side !== target.side) {
			return refuse(
				'Rows of the right side would land on rows of the wrong side.',
				'Move it by an even number of rows.',
			);
		}
		const units = unitsOf(source);
		const places = placesOf(units, source);
		const cut = units.some((u, n) => {
			const [first, last] = [places[n]!, places[n]! + widthOf(u) - 1];
			return first <= box.lastColumn && last >= box.firstColumn && (first < box.firstColumn || last > box.lastColumn);
		});
		if (cut)
			return refuse(
				`The box cuts a crossing in row ${source.number}.`,
				'Make the box wider, so that the whole crossing is in it.',
			);
		const taken = units.filter((_, n) => places[n]! >= box.firstColumn && places[n]! <= box.lastColumn);
		if (!taken.every(isSimple))
			return refuse(`Row ${source.number} is shaped in the box.`, 'Copy the text of the row instead.');
		if (column + wide > target.stitches.length)
			return refuse('There are not as many stitches to the left of that place.', 'Put it further right.');
		if (move) {
			const cleared = rows.get(box.firstRow + k) ?? dissolved(source, box.firstColumn, box.lastColumn);
			const inside = placed(source, cleared, box.firstColumn, box.lastColumn) ?? [];
			for (const n of inside) cleared[n] = stitch(workedAs('p', source.side));
			rows.set(box.firstRow + k, cleared);
		}
		const before = rows.get(row + k);
		const into = before ?? dissolved(target, column, column + wide - 1);
		const inside = placed(target, into, column, column + wide - 1);
		if (!inside)
			return refuse(`Row ${target.number} is shaped, or crossed, where it would land.`, 'Choose another place.');
		into.splice(inside[0]!, inside.length, ...taken);
		rows.set(row + k, into);
	}
	return rewriteRows(worked, rows);
}

/** Adds rows above row `i` (or below the first with -1), worked as the stitches stand. */
export function insertRows(worked: Worked, text: string, i: number, many: number): Result<SwatchEdit> {
	if (worked.rows.length + many > SWATCH_LIMITS.rows)
		return refuse(`A swatch has at most ${SWATCH_LIMITS.rows} rows.`, 'Use repeats.');
	const after = worked.rows[i];
	if (after && after.told !== after.number)
		return refuse('That row repeats an earlier one.', 'Add rows to the earlier one.');
	const at = after?.number ?? 0;
	const up = (n: number): number => (n > at ? n + many : n);
	const changes = renumbered(worked, text, up);
	const round = worked.shape === 'round';
	const side = (n: number): 'RS' | 'WS' => (!isTurned(worked) || n % 2 === 1 ? 'RS' : 'WS');
	const lines = Array.from({ length: many }, (_, k) => {
		const units = plainUnits(worked, i + 1, side(at + 1 + k));
		return `${writeLabel([at + 1 + k], round)} ${writeUnits(units)}`;
	}).join('\n');
	const place = after ? after.line.to : (worked.rows[0]?.line.from ?? text.length);
	const insert = after ? `\n${lines}` : `${lines}\n`;
	return ok({
		changes: [...changes, { from: place, to: place, insert }].sort((a, b) => a.from - b.from || a.to - b.to),
		toldAfter: up,
	});
}

/** Takes out `many` rows from row `i` on, and counts the ones above them down. */
export function removeRow(worked: Worked, text: string, i: number, many = 1): Result<SwatchEdit> {
	const rows = worked.rows.slice(i, i + many);
	const repeated = rows.find((row) => row.told !== row.number);
	if (repeated || rows.length < many)
		return refuse(
			repeated ? `Row ${repeated.number} repeats an earlier one.` : `There are not ${many} rows there.`,
			'Take the earlier one out, or repeat fewer times.',
		);
	const gone = new Set(rows.map((row) => row.number));
	const above = rows.at(-1)!.number;
	const toldAfter = (n: number): number | undefined => (gone.has(n) ? undefined : n > above ? n - many : n);
	const alone = new Set(
		rows.map((row) => row.line).filter((line) => !line.every && !line.each && line.numbers.every((n) => gone.has(n))),
	);
	const others = renumbered(worked, text, (n) => toldAfter(n) ?? n, alone, gone);
	const whole = [...alone].map((line): TextChange => {
		const to = text[line.to] === '\n' ? line.to + 1 : line.to;
		return { from: to === line.to && line.from > 0 ? line.from - 1 : line.from, to, insert: '' };
	});
	const changes = [...others, ...whole].sort((a, b) => a.from - b.from);
	// Of two lines at the end the newline between them goes once.
	const apart = changes.map((c, k) => ({ ...c, from: Math.max(c.from, changes[k - 1]?.to ?? 0) }));
	return ok({ changes: apart, toldAfter });
}

/** Labels and repeats with other row numbers; `gone` are left out of labels, `skip` are lines that are dealt with elsewhere. */
function renumbered(
	worked: Worked,
	text: string,
	number: (n: number) => number,
	skip?: ReadonlySet<RowLine>,
	gone?: ReadonlySet<number>,
): TextChange[] {
	const changes: TextChange[] = [];
	const round = worked.shape === 'round';
	for (const line of worked.lines) {
		if (skip?.has(line)) continue;
		// `as row 2`: its items are those of that line.
		if (line.items.length > 0 && line.items.every((item) => item.to <= line.from || item.from >= line.to)) {
			const said = text.slice(line.body.from, line.body.to);
			const its = worked.rows.find((row) => row.line === line);
			const lost = its && line.numbers.length === 1 && [...said.matchAll(/\d+/g)].some(([n]) => gone?.has(Number(n)));
			const written = lost ? rewriteBody(its, unitsOf(its), unitsOf(its), { whole: true }) : undefined;
			const next = written?.ok ? written.value.insert : said.replace(/\d+/g, (n) => String(number(Number(n))));
			if (next !== said) changes.push({ ...line.body, insert: next });
		}
		if (!line.label) continue;
		const kept = line.numbers.filter((n) => !gone?.has(n));
		const next = kept.map(number);
		if (next.length === line.numbers.length && next.every((n, k) => n === line.numbers[k])) continue;
		const odd = next.some((n, k) => (n - kept[k]!) % 2 !== 0);
		const side = odd || line.every ? {} : line.side ? { side: line.side } : {};
		changes.push({ ...line.label, insert: labelFor(next, { ...line, side: undefined, ...side } as RowLine, round) });
	}
	for (const repeat of worked.repeatLines) {
		const said = text.slice(repeat.from, repeat.to);
		const range = /(\d+)(\s*(?:-|–|—|to|through|and|&)\s*)(\d+)/i.exec(said);
		if (!range) continue;
		const next = `${number(Number(range[1]))}${range[2]!}${number(Number(range[3]))}`;
		if (next === range[0]) continue;
		const from = repeat.from + range.index;
		changes.push({ from, to: from + range[0].length, insert: next });
	}
	return changes;
}

/** Adds a stitch to every row and to the cast-on, right of the stitch at `column` counted from the right. */
export const insertColumn = (worked: Worked, column: number): Result<SwatchEdit> => changeColumn(worked, column, 1);

/** Takes the stitch at `column` out of every row and of the cast-on. */
export const removeColumn = (worked: Worked, column: number): Result<SwatchEdit> => changeColumn(worked, column, -1);

function changeColumn(worked: Worked, column: number, by: 1 | -1): Result<SwatchEdit> {
	if (worked.rows.some((r) => !r.ok || r.stitches.length !== worked.castOn)) {
		return refuse('These rows have different numbers of stitches.', 'Change shaped rows in the text.');
	}
	if (by === 1 && worked.castOn >= SWATCH_LIMITS.stitches)
		return refuse(`A swatch has at most ${SWATCH_LIMITS.stitches} stitches.`, 'Split it into two.');
	if (by === -1 && worked.castOn === 1) return refuse('It is the last stitch.', 'Keep it.');
	const changes: TextChange[] = [];
	const seen = new Set<RowLine>();
	for (const row of worked.rows) {
		if (seen.has(row.line)) continue;
		seen.add(row.line);
		// Rows that follow the stitches below need no change.
		if (row.line.items.every((item) => item.kind === 'as-they-stand')) continue;
		const units = unitsOf(row);
		const places = placesOf(units, row);
		const k = units.findIndex((u, n) => places[n]! <= column && column < places[n]! + widthOf(u));
		const unit = units[k]!;
		const inside = unit.kind === 'crossing' && !(by === 1 && places[k] === column);
		if (inside) {
			return refuse(
				`A crossing in row ${row.number} uses that column.`,
				by === 1 ? 'Add the stitch beside the crossing.' : 'Remove the crossing first.',
			);
		}
		const next = [...units];
		// Right of it on the right side is before it in a right-side row.
		const at = by === -1 || row.side === 'RS' ? k : k + 1;
		if (by === -1) next.splice(k, 1);
		else next.splice(at, 0, stitch(workedAs(row.stitches[Math.max(0, column - 1)]!.face, row.side)));
		const body = rewriteBody(row, units, next, { shift: { at, out: by === -1 ? 1 : 0 } });
		if (!body.ok) return body;
		changes.push(body.value);
	}
	return ok({ changes: changes.sort((a, b) => a.from - b.from), castOn: worked.castOn + by, toldAfter: (n) => n });
}

/** The text after changes. */
export function applied(text: string, { changes }: Pick<SwatchEdit, 'changes'>): string {
	let out = '';
	let at = 0;
	for (const { from, to, insert } of changes) {
		out += text.slice(at, from) + insert;
		at = to;
	}
	return out + text.slice(at);
}
