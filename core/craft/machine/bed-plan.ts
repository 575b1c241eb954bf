/**
 * A swatch at the machine: needle numbers from the middle of the bed, tools, tension and rows in their
 * order. Every row is knitted by the carriage; what is purl on the knit side is let down and latched up.
 */

import { asTwoGroups, frontAndBehind } from '../../crossing/index.ts';
import { TENSIONS, USUAL_TENSION } from '../../handling/index.ts';
import { STITCH_KINDS } from '../../notation/index.ts';
import type { RowPart } from '../in-swatch.ts';
import { LEAST_ROWS } from './plan.ts';
import type { Worked, WorkedCrossing, WorkedRow } from '../../worked/index.ts';

/** Needles of a usual single bed. */
export const BED_NEEDLES = 200;

/** The needle of a column, counted from the right of the knit side, which is the worker's left: L2, L1, R1, R2. */
export function bedNeedleName(column: number, columns: number): string {
	const lefts = Math.ceil(columns / 2);
	return column < lefts ? `L${lefts - column}` : `R${column - lefts + 1}`;
}

/** Needles in a row as first and last, or one by one where they are few. */
function needles(columns: readonly number[], all: number): string {
	const names = columns.map((c) => bedNeedleName(c, all));
	return names.length > 3 ? `${names[0]} to ${names.at(-1)}` : names.join(', ');
}

/** The widest row: the bed's middle is that of the piece. */
const columnsOf = (worked: Worked): number => worked.castOn;

/** Numbers looser for a row of crossings: one for groups of three. */
const looser = (row: WorkedRow | undefined): number =>
	row?.crossings.some((c) => {
		const groups = asTwoGroups(c.crossing);
		return groups && Math.max(groups.tip.length, groups.far.length) > 2;
	})
		? 1
		: 0;

/** Set for the crossed row, and kept for the rows that let it rest. */
const looseAt = (worked: Worked, i: number): number =>
	Math.max(...Array.from({ length: LEAST_ROWS }, (_, k) => looser(worked.rows[i - k])));

function crossedOnBed(c: WorkedCrossing, all: number): string {
	const groups = asTwoGroups(c.crossing);
	if (!groups) return `${c.name}: not on a single bed`;
	const { front, behind } = frontAndBehind(groups);
	const from = (group: readonly number[]): string =>
		needles(
			group.map((s) => c.at + s - 1),
			all,
		);
	const to = (group: readonly number[]): string =>
		needles(
			group.map((s) => c.at + c.crossing.order.indexOf(s)),
			all,
		);
	const tool = (group: readonly number[]): string => `a tool of ${group.length}`;
	const whole = [...groups.tip, ...groups.far];
	return `${c.name}: lift ${from(groups.tip)} with ${tool(groups.tip)} and ${from(groups.far)} with ${tool(groups.far)}; put the loops of ${from(front)} down first, on ${to(front)}, then those of ${from(behind)} on ${to(behind)}; push ${from(whole)} forward, holding off`;
}

/** Purl columns that end with this row: how many rows each is let down. */
function latched(worked: Worked, i: number): ReadonlyMap<number, readonly number[]> {
	const row = worked.rows[i]!;
	const next = worked.rows[i + 1];
	const byDepth = new Map<number, number[]>();
	for (const [column, stitch] of row.stitches.entries()) {
		if (stitch.face !== 'p') continue;
		const goesOn = next?.ok && next.stitches[column]?.face === 'p' && next.stitches[column].from === column;
		if (goesOn) continue;
		let depth = 1;
		let at = i;
		while (at > 0) {
			const here: WorkedRow = worked.rows[at]!;
			const below: WorkedRow = worked.rows[at - 1]!;
			if (here.stitches[column]?.from !== column || below.stitches[column]?.face !== 'p') break;
			depth += 1;
			at -= 1;
		}
		byDepth.set(depth, [...(byDepth.get(depth) ?? []), column]);
	}
	return byDepth;
}

/** Neighbouring columns together. */
function runsOf(columns: readonly number[]): readonly (readonly number[])[] {
	const runs: number[][] = [];
	for (const column of columns) {
		const run = runs.at(-1);
		if (run && run.at(-1) === column - 1) run.push(column);
		else runs.push([column]);
	}
	return runs;
}

/** What the carriage does in row `i`, which ends with the counter at `i` + 1. */
export const carriageTo = (i: number): string => (i % 2 === 0 ? 'left' : 'right');

/** What is done for one row: crossings first, then the carriage, then what is latched up. */
export function bedRow(worked: Worked, i: number, usual = USUAL_TENSION): readonly RowPart[] {
	const row = worked.rows[i]!;
	const all = columnsOf(worked);
	const parts: RowPart[] = [];
	const at = (row: number): number => Math.min(TENSIONS.most, usual + looseAt(worked, row));
	const [number, was] = [at(i), at(i - 1)];
	if (number !== was) {
		const says = `set the number ${number > was ? 'to' : 'back to'} ${number}`;
		parts.push({ says, takes: 0, crossing: false });
	}
	for (const c of row.crossings) parts.push({ says: crossedOnBed(c, all), takes: c.crossing.n, crossing: true });
	for (const [column, { how }] of row.stitches.entries()) {
		if (
			how === 'k' ||
			how === 'p' ||
			how === 'x' ||
			row.crossings.some((c) => column >= c.at && column < c.at + c.crossing.n)
		)
			continue;
		const says = STITCH_KINDS.get(how)?.says ?? how;
		parts.push({ says: `at ${bedNeedleName(column, all)}, with a tool of 1: ${says}`, takes: 0, crossing: false });
	}
	const crossed = row.crossings.reduce((sum, c) => sum + c.crossing.n, 0);
	const to = carriageTo(i);
	parts.push({
		says: `carriage ${crossed > 0 ? 'slowly ' : ''}to the ${to}, counter ${i + 1}`,
		takes: row.stitches.length - crossed,
		crossing: false,
	});
	for (const [depth, columns] of latched(worked, i)) {
		const which = runsOf(columns)
			.map((run) => needles(run, all))
			.join(', ');
		const says = `let ${which} down${columns.length > 1 ? ' one by one, each' : ''} over ${depth} ${depth === 1 ? 'row' : 'rows'}, pinched there, and latch up the other way`;
		parts.push({ says, takes: 0, crossing: false });
	}
	return parts;
}
