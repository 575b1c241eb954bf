/** Twisted stitches: the cords stand out because each of their stitches is worked through the back loop. */

import { crossing, groupsOf, type Crossing, type Work } from '../../crossing/index.ts';
import { fail, ok } from '../../result.ts';
import type { Craft } from '../craft.ts';
import { CRAFT_TITLES } from '../titles.ts';
import { twistedRows } from './in-swatch.ts';
import { narrowed, onNeedles, plainWays } from '../on-needles.ts';
import { PLAIN } from '../vocabulary.ts';

/** The widest group: through the back loop a stitch has less to give. Assumed, after common practice. */
export const MOST_TWISTED = 3;

const twistedWork = (work: Work): Work => (work === 'k' ? 'ktbl' : work);

/** The same crossing with every knit stitch of it twisted; purled ground stays as it is. */
export function twistedOf(c: Crossing): Crossing {
	const made = crossing({ order: c.order, over: c.over, work: c.work.map(twistedWork) });
	if (!made.ok) throw new RangeError(made.problems[0]!.what);
	return made.value;
}

export const twisted: Craft = onNeedles({
	id: 'twisted',
	title: CRAFT_TITLES.twisted,
	teaches: ['tbl'],
	inSwatch: twistedRows,
	hasSentence: true,
	says: 'Every stitch of a cable is worked through the back loop, on every row.',
	// Whatever reaches past a stitch works it through a leg of its own choice: only ways that choose freely are kept.
	ways: plainWays((w) =>
		['off-holder', 'returned', 'centre-returned', 'two-holders', 'pinch', 'slip-swap'].includes(w.id),
	),
	searches: true,
	nearest: (c) => narrowed(c, MOST_TWISTED),
	takes: (c) => {
		const widest = Math.max(...groupsOf(c).map((g) => g.length));
		if (widest > MOST_TWISTED) {
			return fail({
				code: 'too-wide',
				what: `A group of ${widest} twisted stitches is too tight to pass another one.`,
				todo: `Cross ${MOST_TWISTED} over ${MOST_TWISTED} at most, or knit the cable plain.`,
			});
		}
		const loops = twistedOf(c);
		return ok({
			loops,
			below: loops.work.map((w) => (w.endsWith('tbl') ? 'twisted' : 'plain')),
			faces: [{ title: 'right side', crossing: loops }],
			changes: [
				'Each knit stitch of the cable goes through the back loop, here and on every row between.',
				'Worked flat, purl wrong-side rows through the back loop. Some twist on right-side rows only; the strand is then less crisp.',
			],
			lost: ['The same crossing is tighter than in plain knitting.'],
		});
	},
	vocabulary: () => PLAIN,
});
