import { HAND_MISTAKE_IDS, MISTAKES, startState, type Trace } from '../../handling/index.ts';
import { fail, ok } from '../../result.ts';
import { NEEDLES_BY_HAND } from './by-hand.ts';
import type { Craft } from '../craft.ts';
import { PLAIN_ROWS } from '../in-swatch.ts';
import { FOUND_WAY, limitsOf, planFound } from './found.ts';
import { isOwnWay, withOwnWays } from './own-way.ts';
import { deviationByHand, planByHand, WAYS } from './ways/index.ts';
import { wordsAt } from './words.ts';

export { difficulty, type Difficulty, type YarnAndRows } from './difficulty.ts';
export { claimOf, findWay, FOUND_LIMITS, foundId, liftWords, limitsOf, MOST_LOOSE, type FoundLimits } from './found.ts';
export { isOwnWay, ownWayId, planOwn, type OwnWay } from './own-way.ts';
export { offerWords } from './offer-words.ts';
export { ranked, type RankedWay, type WorkedBy } from './ranked.ts';
export { HOLDER_WORKS, preferredWay, recommend, type Recommendation, type WayTaste } from './preferred.ts';

/** Knitting by hand on two needles, with or without a holder. */
export const hand: Craft = {
	id: 'hand',
	title: 'Plain knitting',
	place: 'At the needles',
	tool: ['holder', 'holders'],
	teaches: [],
	kit: () => [],
	inSwatch: PLAIN_ROWS,
	withTools: ({ ownWays }): Craft => (ownWays.length === 0 ? hand : withOwnWays(hand, ownWays)),
	hasSentence: true,
	isHanded: true,
	says: 'Two needles, knit and purl, with a holder or without.',
	takes: (c) => ok({ loops: c, faces: [{ title: 'right side', crossing: c }], changes: [], lost: [] }),
	ways: [...WAYS.map(({ two: _two, three: _three, deviates: _deviates, ...way }) => way), FOUND_WAY],
	start: ({ loops }) => startState(loops.n),
	plan: ({ loops: c }, _, way) => {
		const limits = limitsOf(way);
		if (limits) return planFound(c, limits);
		return isOwnWay(way)
			? fail({
					code: 'unknown-way',
					what: 'That way of your own is not kept any more.',
					todo: 'Choose another way, or make it again by hand.',
				})
			: planByHand(c, way);
	},
	deviation: deviationByHand,
	words: (trace: Trace, step, hands) => wordsAt(trace, step, hands),
	nearest: (c) => c,
	byHand: NEEDLES_BY_HAND,
	mistakes: HAND_MISTAKE_IDS.map((id) => MISTAKES[id]),
};
