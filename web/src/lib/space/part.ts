/** As much of a fabric as is turned at once. */

import type { YarnRow } from '@pond-loop/core/drawing';

export const MOST_TURNED = 60;

export interface YarnPart {
	readonly rows: readonly YarnRow[];
	readonly widest: number;
	/** Whether there is more of it. */
	readonly left: boolean;
}

/** The first rows and, of each, the first stitches. */
export function part(rows: readonly YarnRow[]): YarnPart {
	const some = rows.slice(0, MOST_TURNED + 1).map((row): YarnRow => {
		if (row.cords.length <= MOST_TURNED) return row;
		const end = row.stitch.findIndex((s) => s >= MOST_TURNED);
		return {
			points: row.points.slice(0, end),
			stitch: row.stitch.slice(0, end),
			along: row.along.slice(0, end),
			cords: row.cords.slice(0, MOST_TURNED),
		};
	});
	const widest = Math.max(0, ...rows.map((r) => r.cords.length));
	return {
		rows: some,
		widest: Math.min(widest, MOST_TURNED),
		left: rows.length > some.length || widest > MOST_TURNED,
	};
}
