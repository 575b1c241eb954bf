/** A way that nobody taught: what the search finds under stated limits. */

import { canonical, type Crossing } from '../../crossing/index.ts';
import { isTransfer, search, type Found, type Lift, type Move, unitsOf } from '../../handling/index.ts';
import { memoize, numbered } from '../../memoize/index.ts';
import { fail, ok, type Result } from '../../result.ts';
import { thousands } from '../../thousands.ts';
import type { Craft } from '../craft.ts';
import { foundId, limitsOf, type FoundLimits } from './found-limits.ts';
import { taughtByHand } from './taught.ts';

/** The search of one crossing under these limits; what was looked for before is not searched twice. */
export const findWay = memoize(
	64,
	(c: Crossing, limits: FoundLimits) => `${foundId(limits)} ${canonical(c)}`,
	(c, limits): Found => search(c, limits),
);

/** Units of stitches that are searched over in less than 50 ms on a slow device; measured (`npm run bench`). */
const QUICK_UNITS = 4;

/** Whether a search is not known yet and may hold a page: then it is asked of a worker, and kept by `findWay.keep`. */
export const mayTakeLong = (c: Crossing, limits: FoundLimits): boolean =>
	!findWay.knows(c, limits) && (limits.loose > 0 ? c.n : unitsOf(c).stitches.length) > QUICK_UNITS;

const LIFTS: Readonly<Record<string, string>> = {
	holders: 'Allow more cable needles',
	loose: 'Allow loose loops',
};

/** A limit to lift, as advice. */
export const liftWords = (lift: Lift): string =>
	'to' in lift
		? `${LIFTS[lift.what]!.replace('more cable needles', lift.to === 1 ? 'one cable needle' : 'two cable needles').replace('loose loops', lift.to === 1 ? 'one loose loop' : `${lift.to} loose loops`)}.`
		: `Allow: ${lift.what}.`;

const withHolders = (holders: 0 | 1 | 2): string =>
	holders === 0 ? 'without a cable needle' : `with ${holders === 1 ? 'one cable needle' : 'two cable needles'}`;

/** What was proved of a way that a search found, and no more, in a sentence. */
export function claimOf({ moves, claim, byLoose, atLeast, looked, holders }: Extract<Found, { ok: true }>): string {
	const positions = `${thousands(looked)} ${looked === 1 ? 'position' : 'positions'} looked at`;
	const transfers = moves.filter(isTransfer).length;
	const least = atLeast > 0 ? ` At least ${atLeast} of its ${transfers} transfers are needed.` : '';
	switch (claim) {
		case 'best':
			if (byLoose)
				return `Nothing does better within these limits: no way leaves fewer loops loose for fewer moves (${positions}).`;
			return `Nothing does better ${holders === undefined ? 'within these limits' : withHolders(holders)}: no way of fewer transfers, loops wound and unwound included (${positions}).`;
		case 'once':
			return `Nothing${holders === undefined ? '' : ` ${withHolders(holders)}`} that passes each pair at most once, and only as asked, does better (${positions}).${least}`;
		case 'none':
			return `The best found so far. There may be a shorter one (${positions}).${least}`;
	}
}

export function planFound(c: Crossing, limits: FoundLimits): Result<readonly Move[]> {
	const found = findWay(c, limits);
	if (found.ok) return ok(found.moves);
	return fail({
		code: 'not-found',
		what: found.proven
			? 'No way makes this crossing within these limits. All were tried.'
			: 'No way was found within the positions that a search looks at.',
		todo: found.lift.length > 0 ? found.lift.map(liftWords).join(' Or: ') : 'Allow more cable needles or loose loops.',
	});
}

const numberOf = numbered();

/**
 * Plain knitting by taught ways alone, searching for others too; any other craft, and what is tried by hand, which
 * searches already, as it is. The same object for the same craft.
 */
export const searching = memoize(
	40,
	(craft: Craft) => String(numberOf(craft)),
	(craft): Craft =>
		craft.id === taughtByHand.id && !craft.byHand
			? {
					...craft,
					plan: (taken, c, way) => {
						const limits = limitsOf(way);
						return limits ? planFound(taken.loops, limits) : craft.plan(taken, c, way);
					},
				}
			: craft,
);
