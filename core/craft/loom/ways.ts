/** The ways of crossing on a loom: where the parked loops hang, and when it is done. */

import type { Parked } from '../../handling/index.ts';
import type { Way } from '../craft.ts';

export interface LoomWay extends Way {
	readonly where: Parked;
	/** Crossed after its own row, once the stitch beyond is knitted off; before it when left out. */
	readonly after?: boolean;
}

/** The widest group. Source: common practice; over more pegs a loop has no slack left to borrow. */
export const MOST_ON_PEGS = 3;

const UP_TO = 'Two groups, up to 3 over 3; three whose outer ones are alike, to 2/1/2.';
const HOOK = 'A pick is pointed: work it away from the fingers, and rest the hands between rows.';

export const LOOM_WAYS: readonly LoomWay[] = [
	{
		id: 'parked-inside',
		title: 'Parked inside, on a pin',
		when: 'The usual way: park the group for the back inside, and bring the other group past in front.',
		applies: UP_TO,
		needs: 'A pin, and a pick.',
		holders: 1,
		caution: HOOK,
		where: { side: 'inside', by: 'pin' },
	},
	{
		id: 'held-outside',
		title: 'Held outside, on a stitch holder',
		when: 'Hold the group for the top on your side, where you see it, and seat it last.',
		applies: UP_TO,
		needs: 'A stitch holder, and a pick.',
		holders: 1,
		caution: HOOK,
		where: { side: 'outside', by: 'holder' },
	},
	{
		id: 'in-the-fingers',
		title: 'Held outside, in the fingers',
		when: 'For one or two loops, when you have no tool.',
		applies: 'Two groups, with up to 2 loops on top.',
		needs: 'A pick.',
		holders: 0,
		caution: `Nothing but the fingers holds these loops. ${HOOK}`,
		where: { side: 'outside', by: 'fingers' },
	},
	{
		id: 'across-the-gap',
		title: 'Parked across the gap',
		when: 'A closed loom with a free peg on the far side: no pin is needed.',
		applies: `${UP_TO} Not on a straight rake.`,
		needs: 'A free peg across the gap, and a pick.',
		holders: 0,
		caution: `The loop is pulled large on its way over the gap: tug it back well. ${HOOK}`,
		where: { side: 'across', by: 'peg' },
	},
	{
		id: 'after-the-row',
		title: 'After the stitch beyond',
		when: 'Knit the row first, then cross: fresh loops give more.',
		applies: UP_TO,
		needs: 'A pin, and a pick.',
		holders: 1,
		caution: `Knit off the stitch beyond first, so that the working yarn comes from none of these loops. ${HOOK}`,
		where: { side: 'inside', by: 'pin' },
		after: true,
	},
];
