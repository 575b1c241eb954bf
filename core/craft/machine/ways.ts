/** The ways of crossing on a machine's single bed. */

import type { Way } from '../craft.ts';

export interface MachineWay extends Way {
	/** Numbers looser than usual, for groups up to 2 and for groups of 3. */
	readonly looser: readonly [narrow: number, wide: number];
	/** The weight is taken off while the loops are carried. */
	readonly eased?: boolean;
	/** The columns beside it are let down and latched up the other way. */
	readonly raised?: boolean;
}

/** The widest group: transfer tools have three prongs at most. */
export const MOST_ON_BED = 3;

const CARE =
	'Prongs and latches are sharp, and the carriage moves: keep fingers and hair clear of it. The maker’s manual comes first.';

export const MACHINE_WAYS: readonly MachineWay[] = [
	{
		id: 'two-tools',
		title: 'Two transfer tools',
		when: 'The usual way: lift both groups, and put the group for the top down first.',
		applies: 'Two groups, up to 3 over 3.',
		needs: 'Two transfer tools with as many prongs as loops.',
		holders: 2,
		caution: CARE,
		looser: [0, 1],
	},
	{
		id: 'loosened',
		title: 'Loosened, the weight off',
		when: 'For cotton, linen or yarn that breaks: a higher number, and no weight while you move the loops.',
		applies: 'Two groups, up to 3 over 3.',
		needs: 'Two transfer tools with as many prongs as loops.',
		holders: 2,
		caution: CARE,
		looser: [1, 2],
		eased: true,
	},
	{
		id: 'raised',
		title: 'Raised between purl columns',
		when: 'For a strand that stands out: latch up the column on each side the other way.',
		applies: 'Two groups, up to 3 over 3.',
		needs: 'Two transfer tools and a latch tool. Hairy yarn hides the ladder: take a smooth one.',
		holders: 2,
		caution: `Pinch the column where it must stop before it is let down. ${CARE}`,
		looser: [0, 1],
		raised: true,
	},
];
