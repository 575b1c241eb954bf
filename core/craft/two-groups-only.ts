/** What crafts share whose tools cross one group over another, and no more. */

import {
	asThreeGroups,
	asTwoGroups,
	crossing,
	groupsOf,
	reachOf,
	turn,
	twoGroups,
	type Crossing,
} from '../crossing/index.ts';
import { fail, type Result } from '../result.ts';
import type { ShownFace } from './craft.ts';
import { narrowed } from './on-needles.ts';

interface Limit {
	readonly most: number;
	/** Why more groups, and why wider ones, are not taken. */
	readonly third: string;
	readonly wide: (widest: number) => string;
	/** Whether three groups are taken of which the centre stays where it is: the outer ones are of one size. */
	readonly centreStays?: boolean;
}

/** The crossing as such a tool takes it, twists left out; else the reason and what fits. */
export function twoGroupsUpTo(c: Crossing, { most, third, wide, centreStays = false }: Limit): Result<Crossing> {
	const three = centreStays ? asThreeGroups(c) : undefined;
	if (!asTwoGroups(c) && three?.tip.length !== three?.far.length) {
		return fail({
			code: 'not-groups',
			what: 'The groups beside the centre have different sizes, so the centre would move too.',
			todo: 'Use two outer groups of one size, such as 2/1/2.',
		});
	}
	if (!asTwoGroups(c) && !three) {
		return fail({
			code: 'not-groups',
			what: third,
			todo: `Cross two groups, up to ${most} over ${most}; or make it in two rows.`,
		});
	}
	// The outer groups of three go past the centre as well.
	const widest = three ? reachOf(c) : Math.max(...groupsOf(c).map((g) => g.length));
	if (widest > most) {
		return fail({ code: 'too-wide', what: wide(widest), todo: `Cross ${most} over ${most} at most.` });
	}
	return crossing({ order: c.order, over: c.over, work: c.work.map((w) => (w.startsWith('p') ? 'p' : 'k')) });
}

/** The other face of what is knit all over: its purl side shows the same cords. */
export function otherFace(title: string, loops: Crossing): ShownFace {
	const cords = groupsOf(loops).flatMap((group, i) =>
		group.map((s) => (loops.work[s - 1] === 'p' && loops.work.includes('k') ? -1 : i)),
	);
	return { title, crossing: turn(loops), cords: cords.reverse() };
}

export const isTwisted = (c: Crossing): boolean => c.work.some((w) => w.endsWith('tbl'));

/** Two groups, no wider than that; of three, the outer two without the centre. */
export function nearestOfTwo(c: Crossing, most: number): Crossing | undefined {
	const three = asTwoGroups(c) ? undefined : asThreeGroups(c);
	if (!three) return narrowed(c, most);
	const size = (group: readonly number[]): number => Math.min(most, group.length);
	const [front, behind] = three.lean === 'left' ? [three.tip, three.far] : [three.far, three.tip];
	return twoGroups({ front: size(front), behind: size(behind), lean: three.lean });
}

/** A way that a craft does not know, or that does not make this crossing. */
export const noSuchWay = (way: string, titles: readonly string[]): Result<never> =>
	fail({ code: 'unknown-way', what: `There is no way called “${way}”.`, todo: `Choose one of: ${titles.join(', ')}.` });
