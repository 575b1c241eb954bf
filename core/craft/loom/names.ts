/** What a crossing on pegs is called: some name it by the group on top, some by the group that is moved first. */

import { asTwoGroups, type Crossing } from '../../crossing/index.ts';
import { parkedGroup } from './plan.ts';
import type { LoomWay } from './ways.ts';

export interface PegNames {
	readonly onTop: string;
	readonly movedFirst: string;
}

const say = (first: 'right' | 'left'): string => `${first} over ${first === 'right' ? 'left' : 'right'}`;

/** Both names of a crossing of two groups made this way; `undefined` when it has not two groups. */
export function pegNames(c: Crossing, way: Pick<LoomWay, 'where'>): PegNames | undefined {
	const groups = asTwoGroups(c);
	const parked = parkedGroup(c, way);
	if (!groups || !parked) return undefined;
	// The right group is the one at the tip; on top it leans left.
	return {
		onTop: say(groups.lean === 'left' ? 'right' : 'left'),
		movedFirst: say(parked === 'right' ? 'left' : 'right'),
	};
}
