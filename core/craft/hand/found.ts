/** A way that nobody taught: what the search finds under stated limits. The limits are part of its id, so an address keeps them. */

import { canonical, type Crossing } from '../../crossing/index.ts';
import {
	isTransfer,
	search,
	SEARCH_AIMS,
	type Found,
	type Lift,
	type Move,
	type SearchAim,
} from '../../handling/index.ts';
import { kept } from '../../kept/index.ts';
import { fail, ok, type Result } from '../../result.ts';
import type { Way } from '../craft.ts';
import { thousands } from '../../thousands.ts';

export interface FoundLimits {
	readonly holders: 0 | 1 | 2;
	readonly loose: number;
	readonly least: SearchAim;
}

export const FOUND_LIMITS: FoundLimits = { holders: 2, loose: 0, least: 'moves' };
/** More loose loops than this at once are in nobody's hands. */
export const MOST_LOOSE = 12;

const FOUND = /^found(?:-([012])-(\d{1,2})-([a-z]+))?$/;

export function foundId({ holders, loose, least }: FoundLimits): string {
	const usual = holders === FOUND_LIMITS.holders && loose === FOUND_LIMITS.loose && least === FOUND_LIMITS.least;
	return usual ? 'found' : `found-${holders}-${loose}-${least}`;
}

/** The limits that an id stands for; `undefined` when it is no such id. */
export function limitsOf(id: string): FoundLimits | undefined {
	const [whole, holders, loose, least] = FOUND.exec(id) ?? [];
	if (whole === undefined) return undefined;
	if (holders === undefined || loose === undefined) return FOUND_LIMITS;
	const aim = SEARCH_AIMS.find((a) => a === least);
	if (!aim || Number(loose) > MOST_LOOSE) return undefined;
	return { holders: Number(holders) as 0 | 1 | 2, loose: Number(loose), least: aim };
}

export const FOUND_WAY: Way = {
	id: 'found',
	title: 'Best found',
	when: 'What a search over all that hands can do finds for this very crossing, with what was proved of it.',
	applies: 'Any crossing.',
	needs: 'What the limits allow: holders, loops hanging loose.',
	holders: FOUND_LIMITS.holders,
};

/** The search of one crossing under these limits; what was looked for before is not searched twice. */
export const findWay = kept(
	64,
	(c: Crossing, limits: FoundLimits) => `${foundId(limits)} ${canonical(c)}`,
	(c, limits): Found => search(c, limits),
);

const LIFTS: Readonly<Record<string, string>> = {
	holders: 'Allow more holders',
	loose: 'Allow loose loops',
};

/** A limit to lift, as advice. */
export const liftWords = (lift: Lift): string =>
	'to' in lift
		? `${LIFTS[lift.what]!.replace('more holders', lift.to === 1 ? 'one holder' : 'two holders').replace('loose loops', lift.to === 1 ? 'one loose loop' : `${lift.to} loose loops`)}.`
		: `Allow: ${lift.what}.`;

/** What was proved of a way that a search found, and no more, in a sentence. */
export function claimOf({ moves, claim, atLeast, looked }: Extract<Found, { ok: true }>): string {
	const positions = `${thousands(looked)} ${looked === 1 ? 'position' : 'positions'} looked at`;
	const transfers = moves.filter(isTransfer).length;
	const least = atLeast > 0 ? ` At least ${atLeast} of its ${transfers} transfers are needed.` : '';
	switch (claim) {
		case 'best':
			return `Nothing does better within these limits: no way of fewer transfers, loops wound and unwound included (${positions}).`;
		case 'once':
			return `Nothing that passes each pair at most once, and only as asked, does better (${positions}).${least}`;
		case 'together':
			return `Of all that keep groups together, fill a holder once and pass each pair once, none does better (${positions}). What adds to a holder that hangs already was not tried.`;
		case 'none':
			return `The best that was found; ${positions} did not settle whether less will do.${least}`;
	}
}

export function planFound(c: Crossing, limits: FoundLimits): Result<readonly Move[]> {
	const found = findWay(c, limits);
	if (found.ok) return ok(found.moves);
	return fail({
		code: 'not-found',
		what: found.proven
			? 'Within these limits no procedure makes this crossing: all of them were tried.'
			: 'No procedure was found within the positions that a search looks at.',
		todo: found.lift.length > 0 ? found.lift.map(liftWords).join(' Or: ') : 'Allow more holders or loose loops.',
	});
}
