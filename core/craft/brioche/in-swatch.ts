/** Rows of units: each keeps the column that it stands in. */

import type { InSwatch } from '../in-swatch.ts';
import { atCrossing, type SwatchProblem, type Worked } from '../../worked/index.ts';

const SHOWN_ON_WS = { k: 'p', p: 'k' } as const;

export const briocheRows: InSwatch = {
	settings: [],
	one: () => 'unit',
	note: () => 'Each square is a unit.',
	work: (_, { side, face }) => (side === 'WS' ? SHOWN_ON_WS[face] : face),
	// The purl units of a crossing are slipped with their yarn-over.
	keepsYarn: ({ how, face }) => how === 'x' && face === 'p',
	checks: knitColumnsFirst,
};

/** Crossings in brioche that begin on a purl column. */
function knitColumnsFirst(worked: Worked): SwatchProblem[] {
	return worked.rows.flatMap((row, i) =>
		row.crossings.flatMap((c): SwatchProblem[] => {
			const before = worked.rows[i - 1]?.stitches;
			if (!before || before[c.at]?.face === 'k') return [];
			return [
				{
					...atCrossing(row, c),
					weight: 'warning',
					reason: 'purl-column',
					what: `${c.name} begins on a purl column.`,
					todo: 'Cross so that a knit column leads each group: move it by one stitch.',
				},
			];
		}),
	);
}
