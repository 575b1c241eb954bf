/** Slipped stitches: long ones, slipped over rows, cross in front of short ones. */

import { asThreeGroups, asTwoGroups, frontAndBehind, twoGroups, type Crossing } from '../../crossing/index.ts';
import { fail, ok } from '../../result.ts';
import type { Craft } from '../craft.ts';
import { CRAFT_TITLES } from '../titles.ts';
import { slippedRows } from './in-swatch.ts';
import { onNeedles, plainWays } from '../on-needles.ts';
import { PLAIN } from '../vocabulary.ts';
import { MOST_STRETCH, stretchOf } from './stretch.ts';

export { MOST_STRETCH, stretchOf } from './stretch.ts';

/** Rows for which the long stitches are slipped before they cross. Assumed: enough to show, not enough to pull. */
export const SLIPPED_ROWS = 2;

/** As many as one long stitch can pass. */
const MOST_PASSED = Array.from({ length: 20 }, (_, i) => i + 1).findLast(
	(reach) => stretchOf(SLIPPED_ROWS, reach) <= MOST_STRETCH,
)!;

/** The same with fewer to pass; the outer groups alone of three. */
function nearestSlipped(c: Crossing): Crossing | undefined {
	const [two, three] = [asTwoGroups(c), asThreeGroups(c)];
	const groups = two ?? three;
	if (!groups) return undefined;
	const { front, behind } = frontAndBehind(groups);
	return twoGroups({
		front: front.length,
		behind: Math.min(MOST_PASSED, behind.length),
		lean: groups.lean,
		behindWork: c.work[behind[0]! - 1]!,
	});
}

const rounded = (value: number): string => value.toFixed(1);

export const slipped: Craft = onNeedles({
	id: 'slipped',
	title: CRAFT_TITLES.slipped,
	teaches: ['long'],
	inSwatch: slippedRows,
	hasSentence: true,
	says: `Long stitches, slipped for ${SLIPPED_ROWS} rows of the other colour, cross over short ones.`,
	ways: plainWays((w) => ['off-holder', 'returned', 'pinch', 'slip-swap'].includes(w.id)),
	searches: true,
	nearest: nearestSlipped,
	takes: (c) => {
		const groups = asTwoGroups(c);
		if (!groups) {
			return fail({
				code: 'not-two-groups',
				what: 'Long stitches cross over short ones, so there are two groups.',
				todo: 'Choose a crossing of two groups, such as 1 over 2.',
			});
		}
		const { front, behind } = frontAndBehind(groups);
		const stretch = stretchOf(SLIPPED_ROWS, behind.length);
		if (stretch > MOST_STRETCH) {
			return fail({
				code: 'too-far',
				what: `A stitch slipped for ${SLIPPED_ROWS} rows would be pulled ${rounded(stretch)} times as long to pass ${behind.length} others.`,
				todo: `Let it pass ${MOST_PASSED} at most: ${front.length} over ${MOST_PASSED}.`,
			});
		}
		return ok({
			loops: c,
			below: c.order.map((_, i) => (front.includes(i + 1) ? 'long' : 'plain')),
			faces: [{ title: 'right side', crossing: c }],
			stretch: { times: stretch, most: MOST_STRETCH },
			changes: [
				`The ${front.length === 1 ? 'stitch' : front.length} on top ${front.length === 1 ? 'is' : 'are'} slipped, yarn behind, in the ${SLIPPED_ROWS} rows before, which are worked in the other colour.`,
				`${front.length === 1 ? 'It' : 'Each'} is stretched to ${rounded(stretch)} times its length, and borrows that from its neighbours.`,
			],
			lost: ['The long stitches skip rows, so the fabric draws in there.'],
		});
	},
	vocabulary: () => PLAIN,
});
