/** The ways that knitters have to make a crossing of two or three groups by hand. */

import { asThreeGroups, asTwoGroups, type Crossing } from '../../../crossing/index.ts';
import type { Move } from '../../../handling/index.ts';
import { fail, ok, type Result } from '../../../result.ts';
import { centreReturned } from './centre-returned.ts';
import { dropFront } from './drop-front.ts';
import type { HandWay } from './hand-way.ts';
import { offHolder } from './off-holder.ts';
import { pinch } from './pinch.ts';
import { returned } from './returned.ts';
import { secondFirst, secondFirstTurned } from './second-first.ts';
import { slipAndSwap } from './slip-swap.ts';
import { swapped } from './swapped.ts';
import { twoHolders } from './two-holders.ts';

export type { HandWay } from './hand-way.ts';

export const WAYS: readonly HandWay[] = [
	offHolder,
	returned,
	swapped,
	centreReturned,
	twoHolders,
	pinch,
	slipAndSwap,
	secondFirst,
	secondFirstTurned,
	dropFront,
];

/** What a way makes instead of a crossing that it takes on. */
export const deviationByHand = (c: Crossing, wayId: string): ReturnType<NonNullable<HandWay['deviates']>> =>
	WAYS.find((w) => w.id === wayId)?.deviates?.(c);

/** The moves of a way; refused when the way is unknown or does not make this crossing. */
export function planByHand(c: Crossing, wayId: string): Result<readonly Move[]> {
	const way = WAYS.find((w) => w.id === wayId);
	if (!way) {
		return fail({
			code: 'unknown-way',
			what: `There is no way called “${wayId}”.`,
			todo: `Choose one of: ${WAYS.map((w) => w.title).join(', ')}.`,
		});
	}
	const two = asTwoGroups(c);
	const three = two ? undefined : asThreeGroups(c);
	const moves = two ? way.two?.(c, two) : three && way.three?.(c, three);
	if (moves) return ok(moves);
	return fail({
		code: 'way-does-not-apply',
		what: `“${way.title}” does not make this crossing.`,
		todo: two || three ? 'Choose another way.' : 'Choose a crossing of two or three groups.',
	});
}
