/**
 * A row as the run of units that the worker works: single stitches and whole crossings. Rows are
 * edited in units and written back as text.
 */

import type { Crossing } from '../crossing/index.ts';
import { countBefore, type Worked, type WorkedMark, type WorkedRow } from '../worked/index.ts';

export type Unit =
	| {
			readonly kind: 'stitch';
			/** As the worker writes it: `k`, `k2tog`. */
			readonly how: string;
	  }
	| {
			readonly kind: 'crossing';
			readonly name: string;
			/** As the worker sees it. */
			readonly crossing: Crossing;
	  };

/** Stitches that a unit leaves in the row. */
export const widthOf = (unit: Unit): number => (unit.kind === 'crossing' ? unit.crossing.n : (MAKES[unit.how] ?? 1));
const MAKES: Readonly<Record<string, number>> = { kfb: 2, pfb: 2 };

export const stitch = (how: string): Unit => ({ kind: 'stitch', how });

/** The units of a row in the order in which they are worked. */
export function unitsOf(row: WorkedRow): Unit[] {
	const units: Unit[] = [];
	const crossingAt = new Map(row.crossings.map((c) => [c.at, c]));
	for (let i = 0; i < row.stitches.length;) {
		const crossed = crossingAt.get(i);
		if (crossed) {
			units.push({ kind: 'crossing', name: crossed.name, crossing: crossed.asWorked });
			i += crossed.crossing.n;
			continue;
		}
		const { how } = row.stitches[i]!;
		units.push(stitch(how));
		i += MAKES[how] ?? 1;
	}
	return row.side === 'WS' ? units.reverse() : units;
}

/** Where units begin in the row, from the right as seen on the right side. */
export function placesOf(units: readonly Unit[], row: Pick<WorkedRow, 'side'>): readonly number[] {
	const widths = units.map(widthOf);
	const total = widths.reduce((a, b) => a + b, 0);
	let at = 0;
	return widths.map((w) => {
		const place = row.side === 'RS' ? at : total - at - w;
		at += w;
		return place;
	});
}

/** How a stitch is written by the worker so that it shows this face on the right side. */
export const workedAs = (face: 'k' | 'p', side: 'RS' | 'WS'): 'k' | 'p' =>
	side === 'RS' ? face : face === 'k' ? 'p' : 'k';

/** The units of a row in which every stitch is worked as it stands. */
export function plainUnits(worked: Worked, i: number, side: 'RS' | 'WS'): Unit[] {
	const faces = worked.rows[i - 1]?.stitches.map((s) => s.face) ?? Array<'k'>(countBefore(worked, i)).fill('k');
	const units = faces.map((face) => stitch(workedAs(face, side)));
	return side === 'WS' ? units.reverse() : units;
}

/** What a row does with markers, in the order of working; `at` counts the stitches before it in that order. */
export const marksInOrder = (row: WorkedRow): readonly WorkedMark[] =>
	row.side === 'RS' ? row.marks : [...row.marks].reverse().map((m) => ({ ...m, at: row.stitches.length - m.at }));
