/** A swatch in left hands: what they work, and how pictures of it are turned. */

import type { Demonstration } from '../craft/index.ts';
import { mirror } from '../crossing/index.ts';
import { countBefore, type Worked, type WorkedRow, type WorkedStitch } from '../worked/index.ts';

export interface InHands {
	/** Rows as these hands follow them: told as to right hands, from the edge at which they begin. */
	readonly worked: Worked;
	/** Whether pictures of it are turned left to right. */
	readonly mirrored: boolean;
}

/** Left-handed hands may follow the rows as written, which mirrors the fabric, or make the same fabric from the other edge. */
export const inHands = (worked: Worked, as: Demonstration): InHands =>
	as === 'right'
		? { worked, mirrored: false }
		: { worked: as === 'left-same' ? mirrorWorked(worked) : worked, mirrored: true };

/** What leans the other way when it is made in the other hands. */
const TURNED: Readonly<Record<string, string>> = {
	k2tog: 'ssk',
	ssk: 'k2tog',
	p2tog: 'ssp',
	ssp: 'p2tog',
	k3tog: 'sssk',
	sssk: 'k3tog',
	m1l: 'm1r',
	m1r: 'm1l',
};

/**
 * The same rows left to right: following them gives the mirror image of the fabric. Sides, numbers, labels and where
 * things stand in the text stay. Mirroring twice gives it back.
 */
export const mirrorWorked = (worked: Worked): Worked => ({
	...worked,
	rows: worked.rows.map((row, i) => mirrorRow(row, countBefore(worked, i))),
});

function mirrorRow(row: WorkedRow, before: number): WorkedRow {
	const n = row.stitches.length;
	const from = (at: number): number => (at < 0 ? at : before - 1 - at);
	return {
		...row,
		stitches: [...row.stitches].reverse().map((s): WorkedStitch => ({
			...s,
			how: TURNED[s.how] ?? s.how,
			from: from(s.from),
			...(s.also ? { also: s.also.map(from) } : {}),
		})),
		crossings: [...row.crossings].reverse().map((c) => ({
			...c,
			at: n - c.at - c.crossing.n,
			crossing: mirror(c.crossing),
			asWorked: mirror(c.asWorked),
		})),
		steps: [...row.steps].reverse().map((s) => ({ ...s, first: n - s.last, last: n - s.first })),
		markers: [...row.markers].reverse().map((at) => n - at),
		marks: [...row.marks].reverse().map((m) => ({ ...m, at: n - m.at })),
	};
}
