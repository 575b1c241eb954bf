/** Rows with long stitches: how old each is when it crosses. */

import { asTwoGroups, frontAndBehind } from '../../crossing/index.ts';
import type { InSwatch } from '../in-swatch.ts';
import { MOST_STRETCH, stretchOf } from './stretch.ts';
import { atCrossing, type SwatchProblem, type Worked, type WorkedStitch } from '../../worked/index.ts';

export const slippedRows: InSwatch = { settings: [], checks: longStitches };

/** Long stitches that were not slipped before they cross, or for so long that they are pulled too far. */
function longStitches(worked: Worked): SwatchProblem[] {
	let ages: readonly number[] = Array.from({ length: worked.castOn }, () => 0);
	let stitches: readonly WorkedStitch[] = [];
	return worked.rows.flatMap((row): SwatchProblem[] => {
		if (!row.ok) return [];
		const before = ages;
		ages = row.stitches.map((s) => (s.how === 'sl' && s.from >= 0 ? (before[s.from] ?? 0) + 1 : 0));
		const found = row.crossings.flatMap((c): SwatchProblem[] => {
			const groups = asTwoGroups(c.crossing);
			if (!groups) return [];
			const { front, behind } = frontAndBehind(groups);
			const age = Math.min(...front.map((s) => before[c.at + s - 1] ?? 0));
			const stretch = stretchOf(age, behind.length);
			const yarns = (group: readonly number[]): string => group.map((s) => stitches[c.at + s - 1]?.colour).join('');
			if (age > 0 && row.colour && new Set(yarns([...front, ...behind])).size === 1) {
				return [
					{
						...atCrossing(row, c),
						weight: 'note',
						reason: 'same-yarn',
						what: `${c.name} crosses stitches of one yarn.`,
						todo: 'It shows better over the other one: slip the long stitches while that is worked.',
					},
				];
			}
			if (age > 0 && stretch <= MOST_STRETCH) return [];
			return [
				age === 0
					? {
							...atCrossing(row, c),
							weight: 'warning',
							reason: 'not-slipped',
							what: `The stitches that ${c.name} brings to the front were not slipped in the row before.`,
							todo: 'Slip them for a row or two, yarn behind, so that they are long enough to show.',
						}
					: {
							...atCrossing(row, c),
							weight: 'warning',
							reason: 'stretched',
							what: `${c.name} pulls stitches that are ${age} rows old to ${stretch.toFixed(1)} times their length.`,
							todo: 'Slip them for fewer rows, or let them pass fewer stitches (assumed).',
						},
			];
		});
		stitches = row.stitches;
		return found;
	});
}
