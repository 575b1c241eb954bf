/**
 * Mistakes across rows, made on purpose: the rows are worked again with the mistake in them, and
 * what shows is read off the fabric that comes out. Nothing is looked up.
 */

import type { Crossing } from '../crossing/index.ts';
import { STITCH_KINDS, wordsFor, type Item, type RowLine, type RowsText } from '../notation/index.ts';
import { fail, ok, type Result } from '../result.ts';
import { stitch, unitsOf, widthOf, type Unit } from './units.ts';
import { workRows } from './work.ts';
import { countBefore, type Worked, type WorkedCrossing } from '../worked/index.ts';

export const SWATCH_MISTAKES = ['forgotten', 'early', 'late', 'shifted', 'wrong-lean'] as const;
export type SwatchMistake = (typeof SWATCH_MISTAKES)[number];

export const SWATCH_MISTAKE_TITLES: Readonly<Record<SwatchMistake, string>> = {
	forgotten: 'Crossing forgotten',
	early: 'Crossed two rows early',
	late: 'Crossed two rows late',
	shifted: 'Groups off by one stitch',
	'wrong-lean': 'Held on the wrong side',
};

/** Which crossing it happens to. */
export interface CrossingSite {
	/** The row by place. */
	readonly row: number;
	/** The crossing among those of the row, from the right. */
	readonly crossing: number;
}

export interface SwatchMistakeShown {
	readonly worked: Worked;
	/** Cells whose look differs from the right one. */
	readonly differs: readonly { readonly row: number; readonly column: number }[];
	/** What to look for on each side. */
	readonly signs: { readonly RS: readonly string[]; readonly WS: readonly string[] };
	readonly mend: string;
	/** Stitches to rework, counted from the row in which it is found: the last one. */
	readonly cost: number;
}

/** A row earlier or later that is worked on the same side. */
const ROWS_OFF = 2;

/** Works the swatch again with the mistake; refused where it cannot be made, with the reason. */
export function withMistake(worked: Worked, mistake: SwatchMistake, site: CrossingSite): Result<SwatchMistakeShown> {
	const row = worked.rows[site.row];
	const crossed = row?.crossings[site.crossing];
	if (!row || !crossed)
		return fail({ code: 'site', what: 'There is no crossing there.', todo: 'Choose one in the chart.' });
	const rows = worked.rows.map((r): Unit[] | undefined => (r === row ? unitsOf(r) : undefined));
	const here = rows[site.row]!;
	const k = here.findIndex((u) => u.kind === 'crossing' && u.crossing === crossed.asWorked && u.name === crossed.name);
	const index = nth(here, crossed, row.crossings, row.side) ?? k;
	const plain = crossed.asWorked.work.map((w) => stitch(w));
	switch (mistake) {
		case 'forgotten':
			here.splice(index, 1, ...plain);
			break;
		case 'wrong-lean':
			here.splice(index, 1, { kind: 'crossing', name: crossed.name, crossing: leantOtherwise(crossed.asWorked) });
			break;
		case 'shifted': {
			const neighbour = here[index + 1];
			if (neighbour?.kind !== 'stitch' || widthOf(neighbour) !== 1) {
				return fail({
					code: 'site',
					what: 'There is no single stitch beside it.',
					todo: 'Choose another crossing.',
				});
			}
			here.splice(index, 2, neighbour, here[index]!);
			break;
		}
		case 'early':
		case 'late': {
			const to = site.row + (mistake === 'late' ? ROWS_OFF : -ROWS_OFF);
			const target = worked.rows[to];
			if (!target?.ok || target.stitches.length !== row.stitches.length) {
				return fail({
					code: 'site',
					what: 'There is no such row to cross in instead.',
					todo: 'Choose a crossing further in.',
				});
			}
			const units = unitsOf(target);
			const moved = replaced(units, places(here, index), crossed.asWorked.n, here[index]!);
			if (!moved)
				return fail({
					code: 'site',
					what: 'Another crossing is in the way there.',
					todo: 'Choose a crossing with plain rows around it.',
				});
			rows[to] = moved;
			here.splice(index, 1, ...plain);
		}
	}
	const again = workRows(explicit(worked, rows), worked);
	const differs = differences(worked, again);
	return ok({
		worked: again,
		differs,
		signs: signsOf(mistake, worked, crossed, site, differs, again),
		...mendOf(mistake, worked, crossed, site),
	});
}

/** The place of a row's n-th crossing among its units, in working order. */
function nth(
	units: readonly Unit[],
	crossed: WorkedCrossing,
	all: readonly WorkedCrossing[],
	side: 'RS' | 'WS',
): number | undefined {
	const order = side === 'RS' ? all : [...all].reverse();
	const wanted = order.indexOf(crossed);
	let seen = -1;
	const at = units.findIndex((u) => u.kind === 'crossing' && ++seen === wanted);
	return at < 0 ? undefined : at;
}

const places = (units: readonly Unit[], index: number): number =>
	units.slice(0, index).reduce((sum, u) => sum + widthOf(u), 0);

/** Units with a run of single stitches replaced by one crossing; `undefined` when something else stands there. */
function replaced(units: readonly Unit[], from: number, width: number, by: Unit): Unit[] | undefined {
	let at = 0;
	for (const [k, unit] of units.entries()) {
		if (at === from) {
			const run = units.slice(k, k + width);
			if (run.length < width || run.some((u) => u.kind !== 'stitch' || widthOf(u) !== 1)) return undefined;
			return [...units.slice(0, k), by, ...units.slice(k + width)];
		}
		at += widthOf(unit);
	}
	return undefined;
}

const leantOtherwise = (c: Crossing): Crossing => ({
	...c,
	over: c.over.map(([u, l]): [number, number] => [l, u]).sort((a, b) => a[0] - b[0] || a[1] - b[1]),
});

/** The rows told one by one: changed ones by their units, all others as the text tells them. */
function explicit(worked: Worked, changed: readonly (readonly Unit[] | undefined)[]): RowsText {
	const rows = worked.rows.map((row, i): RowLine => {
		const units = changed[i];
		const base = { numbers: [row.number], body: row.line.body, from: row.line.from, to: row.line.to, side: row.side };
		return { ...base, items: units ? units.map((u) => itemOf(u, row.line)) : row.line.items };
	});
	return { rows, repeats: [], glossary: { entries: [], problems: [] }, problems: [], past: [] };
}

function itemOf(unit: Unit, { from, to }: RowLine): Item {
	if (unit.kind === 'crossing')
		return { kind: 'crossing', name: unit.name, crossing: unit.crossing, by: 'glossary', also: [], from, to };
	const kind = STITCH_KINDS.get(unit.how) ?? STITCH_KINDS.get('k')!;
	return { kind: 'stitch', stitch: kind, until: { kind: 'times', times: 1 }, from, to };
}

/** Cells whose face, or whose crossing, is another one. */
function differences(right: Worked, wrong: Worked): { row: number; column: number }[] {
	return wrong.rows.flatMap((row, i) => {
		const other = right.rows[i];
		const crossingAt = (of: typeof row | undefined, column: number): WorkedCrossing | undefined =>
			of?.crossings.find((c) => column >= c.at && column < c.at + c.crossing.n);
		return row.stitches.flatMap((s, column) => {
			const [a, b] = [crossingAt(row, column), crossingAt(other, column)];
			const same =
				other?.stitches[column]?.face === s.face &&
				a?.at === b?.at &&
				JSON.stringify(a?.crossing.over) === JSON.stringify(b?.crossing.over);
			return same ? [] : [{ row: i, column }];
		});
	});
}

function signsOf(
	mistake: SwatchMistake,
	right: Worked,
	crossed: WorkedCrossing,
	{ row }: CrossingSite,
	differs: readonly { row: number; column: number }[],
	wrong: Worked,
): SwatchMistakeShown['signs'] {
	const RS: string[] = [];
	const WS: string[] = [];
	const [before, after] = [stretch(wrong, crossed, row, -1), stretch(wrong, crossed, row, 1)];
	const usual = stretch(right, crossed, row, -1) ?? stretch(right, crossed, row, 1);
	const number = right.rows[row]!.number;
	if (mistake === 'wrong-lean') {
		const [was, is] = [wordsFor(crossed.crossing).lean, wordsFor(leantOtherwise(crossed.crossing)).lean];
		RS.push(
			is && was
				? `in row ${number} the cable leans ${is}, the others ${was}`
				: `in row ${number} the other group lies on top`,
		);
		WS.push('the same crossing bulges the other way; the lean is the same from both sides');
	} else if (mistake === 'forgotten') {
		const rows = (before ?? row + 1) + (after ?? right.rows.length - 1 - row);
		RS.push(`a straight stretch of ${rows} rows around row ${number}${usual ? `, where ${usual} are usual` : ''}`);
		WS.push('no pull sideways in that row: the columns run straight on');
	} else if (mistake === 'early' || mistake === 'late') {
		const off = mistake === 'late' ? ROWS_OFF : -ROWS_OFF;
		const [shorter, longer] = [(usual ?? 0) - ROWS_OFF, (usual ?? 0) + ROWS_OFF];
		RS.push(
			usual
				? `one twist of ${off > 0 ? longer : shorter} rows and one of ${off > 0 ? shorter : longer}, where ${usual} are usual`
				: `the crossing is in row ${number + off} and not in row ${number}`,
		);
		WS.push('the pulled row is two rows away from the others');
	}
	const faces = differs.filter(
		(d) => wrong.rows[d.row]!.stitches[d.column]!.face !== right.rows[d.row]?.stitches[d.column]?.face,
	);
	const bumps = faces.filter((d) => wrong.rows[d.row]!.stitches[d.column]!.face === 'p').length;
	const smooth = faces.length - bumps;
	const cells = (n: number): string => (n === 1 ? 'one stitch' : `${n} stitches`);
	if (bumps > 0) {
		RS.push(`purl bumps in the cable: ${cells(bumps)}`);
		WS.push(`smooth stitches where bumps belong: ${cells(bumps)}`);
	}
	if (smooth > 0) {
		RS.push(`smooth stitches in the background: ${cells(smooth)}`);
		WS.push(`bumps where it should be smooth: ${cells(smooth)}`);
	}
	if (RS.length === 0) RS.push(`from row ${number} on the cable is one stitch to the side`);
	if (WS.length === 0) WS.push('the pulled stitches are one column to the side');
	return { RS, WS };
}

/** Rows to the next crossing of these columns, upwards or downwards. */
function stretch(worked: Worked, { at, crossing }: WorkedCrossing, row: number, dir: 1 | -1): number | undefined {
	for (let i = row + dir; i >= 0 && i < worked.rows.length; i += dir) {
		if (worked.rows[i]!.crossings.some((c) => c.at < at + crossing.n && c.at + c.crossing.n > at))
			return Math.abs(i - row);
	}
	return undefined;
}

function mendOf(
	mistake: SwatchMistake,
	worked: Worked,
	{ crossing }: WorkedCrossing,
	{ row }: CrossingSite,
): Pick<SwatchMistakeShown, 'mend' | 'cost'> {
	const above = worked.rows.length - 1 - row;
	const ladder = crossing.n * (above + 1);
	const undo = worked.rows.slice(row).reduce((sum, _, k) => sum + countBefore(worked, row + k), 0);
	switch (mistake) {
		case 'early':
		case 'late':
			return {
				mend: 'Most people leave it. Or drop only these stitches, cross them in the right row, and work them up with a crochet hook.',
				cost: ladder + ROWS_OFF * crossing.n,
			};
		case 'shifted':
			return {
				mend: 'Undo back to the row before it. The background is wrong too, so dropping the cable alone does not help.',
				cost: undo,
			};
		case 'forgotten':
			return {
				mend: 'Drop only these stitches, cross them in that row, and work them up with a crochet hook. Or duplicate stitch over it.',
				cost: ladder,
			};
		case 'wrong-lean':
			return {
				mend: 'Drop only these stitches, cross them again, and work them up with a crochet hook. Or duplicate stitch over it.',
				cost: ladder,
			};
	}
}
