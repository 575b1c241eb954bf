import { holdSide, type TwoGroups } from '../../../crossing/index.ts';
import type { Move } from '../../../handling/index.ts';
import { HOLDER } from './hand-way.ts';

/** The first group to the holder, on the side that makes the lean. */
export const holdTip = (g: TwoGroups): Move => ({
	kind: 'hold',
	count: g.tip.length,
	holder: HOLDER,
	side: holdSide(g.lean),
	depth: 'inner',
});
