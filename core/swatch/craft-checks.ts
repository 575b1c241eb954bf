/** What the craft of a swatch asks of its rows besides what plain knitting does. */

import { craftOf } from '../craft/index.ts';
import { atCrossing, type Cords, type SwatchProblem, type Worked } from '../worked/index.ts';

/** Errors and warnings of the craft; none for plain knitting. Linear in stitches. */
export const craftChecks = (worked: Worked, cords: Cords): readonly SwatchProblem[] => [
	...refused(worked),
	...(craftOf(worked.craft).inSwatch.checks?.(worked, cords) ?? []),
];

/** Crossings that the craft does not take, with its reason and what fits. */
function refused(worked: Worked): SwatchProblem[] {
	const craft = craftOf(worked.craft);
	const way = craft.inSwatch.way?.(worked) ?? craft.ways[0]!.id;
	return worked.rows.flatMap((row) =>
		row.crossings.flatMap((c): SwatchProblem[] => {
			const taken = craft.takes(c.asWorked, way);
			if (taken.ok) return [];
			const { what, todo } = taken.problems[0]!;
			return [{ ...atCrossing(row, c), weight: 'error', reason: 'craft', what: `${c.name}: ${what}`, todo }];
		}),
	);
}
