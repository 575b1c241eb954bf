import type { Craft } from '../craft.ts';
import { NEEDLES_BY_HAND } from './by-hand.ts';
import { searching } from './found.ts';
import { withOwnWays } from './own-way.ts';
import { taughtByHand } from './taught.ts';

export { difficulty, type Difficulty, type YarnAndRows } from './difficulty.ts';
export { claimOf, findWay, liftWords, mayTakeLong, searching } from './found.ts';
export { FOUND_LIMITS, foundId, limitsIn, limitsOf, MOST_LOOSE, type FoundLimits } from './found-limits.ts';
export { isOwnWay, ownWayId, planOwn, type OwnWay } from './own-way.ts';
export { offerWords } from './offer-words.ts';
export { ranked, type RankedWay, type WorkedBy } from './ranked.ts';
export { HOLDER_WORKS, preferredWay, recommend, type Recommendation, type WayTaste } from './preferred.ts';
export { taughtByHand } from './taught.ts';

/** Knitting by hand on two needles, with or without a holder. */
export const hand: Craft = {
	...searching(taughtByHand),
	byHand: NEEDLES_BY_HAND,
	withTools: ({ ownWays }): Craft => (ownWays.length === 0 ? hand : withOwnWays(hand, ownWays)),
};
