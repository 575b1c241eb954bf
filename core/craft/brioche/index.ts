/** Brioche: a stitch and the yarn-over that lies with it are one unit, and are never parted. */

import {
	asThreeGroups,
	asTwoGroups,
	crossing,
	groupsOf,
	turn,
	type Crossing,
	type Work,
} from '../../crossing/index.ts';
import { HAND_MISTAKE_IDS, MISTAKES, type Mistake } from '../../handling/index.ts';
import { fail, ok } from '../../result.ts';
import type { Craft } from '../craft.ts';
import { CRAFT_TITLES } from '../titles.ts';
import { briocheRows } from './in-swatch.ts';
import { onNeedles, plainWays } from '../on-needles.ts';
import type { Vocabulary } from '../vocabulary.ts';
import { firstOdd, nearestThatFits, shiftsOf } from './shifts.ts';

export { keepsFaces, nearestThatFits, shiftsOf } from './shifts.ts';

const WORDS: Vocabulary = {
	one: 'unit',
	One: 'Unit',
	many: 'units',
	Many: 'Units',
	knit: 'Brk',
	purl: 'Sl1yo',
	yarn: {
		name: 'the yarn',
		front: 'ready to slip with a yarn-over',
		behind: 'ready to brk',
		way: 'over the needle',
	},
};

/** Knit columns are due a brk in the row of the crossing; the purl columns between them are slipped with a yarn-over. */
const columnWork = (stitch: number): Work => (stitch % 2 === 1 ? 'k' : 'p');

const sizes = (c: Crossing): string =>
	groupsOf(c)
		.map((g) => g.length)
		.join('/');

/** A unit that is parted: half of what is there is worked, as with split yarn. */
const parted: Mistake = {
	...MISTAKES.split,
	title: 'the yarn-over left out',
	how: 'The needle goes through the stitch alone, and its yarn-over is left beside it.',
};

export const brioche: Craft = onNeedles({
	id: 'brioche',
	title: CRAFT_TITLES.brioche,
	teaches: ['units'],
	inSwatch: briocheRows,
	hasOwnColumns: true,
	hasSentence: false,
	speaks: /\bbr[kp]\s?\d|\bsl\s?1\s?yo|\bunits?\b/i,
	says: 'Units of a stitch and its yarn-over; knit and purl columns alternate.',
	// A unit let loose loses its yarn-over, so nothing hangs by itself here.
	ways: plainWays((w) => w.holders > 0),
	searches: true,
	holdsAll: true,
	nearest: nearestThatFits,
	takes: (c) => {
		if (!asTwoGroups(c) && !asThreeGroups(c)) {
			return fail({
				code: 'not-groups',
				what: 'In brioche two groups cross, or three with the centre staying.',
				todo: 'Choose a crossing of two or three groups, such as 2 over 2.',
			});
		}
		const odd = firstOdd(c);
		if (odd !== undefined) {
			const shift = Math.abs(shiftsOf(c)[odd - 1]!);
			const nearest = nearestThatFits(c);
			return fail({
				code: 'odd-shift',
				what: `Unit ${odd} would move ${shift} ${shift === 1 ? 'column' : 'columns'}: a ${odd % 2 === 1 ? 'knit column would land on a purl' : 'purl column would land on a knit'} one. Each group moves an even number.`,
				todo: nearest ? `The nearest that fits: ${sizes(nearest)}.` : 'Choose groups that move an even number.',
			});
		}
		const made = crossing({ order: c.order, over: c.over, work: c.work.map((_, i) => columnWork(i + 1)) });
		if (!made.ok) return made;
		return ok({
			loops: made.value,
			below: made.value.order.map(() => 'unit'),
			faces: [
				{ title: 'front', crossing: made.value },
				{ title: 'back', crossing: turn(made.value) },
			],
			changes: [
				'Each unit is a stitch with its yarn-over: they are held, passed and worked together, and count as one.',
				'Cross it on a row where the knit columns are brk. The purl columns between them are slipped with a yarn-over.',
				'In two colours this is the row of the front colour, and the other colour follows over the same units.',
			],
			lost: ['Ways without a cable needle: a unit that hangs loose loses its yarn-over.'],
		});
	},
	vocabulary: () => WORDS,
	mistakes: HAND_MISTAKE_IDS.map((id) => (id === 'split' ? parted : MISTAKES[id])),
});
