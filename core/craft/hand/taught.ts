/** Knitting by hand by the ways that are taught, without the search for others: it is light enough to be at hand at once. */

import { HAND_MISTAKE_IDS, MISTAKES, NEEDLES, startState, type Trace } from '../../handling/index.ts';
import { fail, ok } from '../../result.ts';
import type { Craft } from '../craft.ts';
import { PLAIN_ROWS } from '../in-swatch.ts';
import { CRAFT_TITLES } from '../titles.ts';
import { FOUND_WAY, limitsOf } from './found-limits.ts';
import { isOwnWay, withOwnWays } from './own-way.ts';
import { deviationByHand, planByHand, WAYS } from './ways/index.ts';
import { wordsAt } from './hand-words.ts';

/** Why a way is not there: its search is not, or whoever kept it let it go. */
const notHere = (way: string): ReturnType<typeof fail> =>
	limitsOf(way)
		? fail({
				code: 'not-searched',
				what: 'That way comes from a search, and none was made.',
				todo: 'Choose another way.',
			})
		: fail({
				code: 'unknown-way',
				what: 'You removed that way.',
				todo: 'Choose another way, or make it again by hand.',
			});

export const taughtByHand: Craft = {
	id: 'hand',
	title: CRAFT_TITLES.hand,
	place: 'At the needles',
	tool: ['cable needle', 'cable needles'],
	teaches: [],
	kit: () => [],
	inSwatch: PLAIN_ROWS,
	withTools: ({ ownWays }): Craft => (ownWays.length === 0 ? taughtByHand : withOwnWays(taughtByHand, ownWays)),
	hasSentence: true,
	isHanded: true,
	says: 'Two needles, knit and purl, with a cable needle or without.',
	takes: (c) => ok({ loops: c, faces: [{ title: 'right side', crossing: c }], changes: [], lost: [] }),
	ways: [...WAYS.map(({ two: _two, three: _three, deviates: _deviates, ...way }) => way), FOUND_WAY],
	on: NEEDLES,
	start: ({ loops }) => startState(loops.n),
	plan: ({ loops: c }, _, way) => (limitsOf(way) || isOwnWay(way) ? notHere(way) : planByHand(c, way)),
	deviation: deviationByHand,
	words: (trace: Trace, step, hands, since) => wordsAt(trace, step, hands, undefined, since),
	nearest: (c) => c,
	mistakes: HAND_MISTAKE_IDS.map((id) => MISTAKES[id]),
};
