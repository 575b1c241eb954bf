/** How a swatch lies by what was told of its size: the pull that was learnt from a measured piece, and pins. */

import { cellOf, gaugeIn, type FabricState, type HowItLies } from '../fabric/index.ts';
import type { SwatchSizeTold } from '../schema/index.ts';
import type { Material } from './material.ts';
import type { Worked } from '../worked/index.ts';

/** Whether all rows have the same stitches, so that both edges can be pinned straight. */
export const isStraight = ({ castOn, rows }: Pick<Worked, 'castOn' | 'rows'>): boolean =>
	rows.every((row) => !row.ok || row.stitches.length === castOn);

/** A gauge of this very pattern has its cords in it: then no pull is reckoned, and no pins. */
export function howItLies(
	told: SwatchSizeTold = {},
	material: Material,
	state: FabricState,
	worked: Pick<Worked, 'castOn' | 'rows'>,
): HowItLies {
	const gauge = gaugeIn(material.gauge, state, material.sizes);
	if (gauge.of === 'pattern') return {};
	const pull = material.learnt?.pull;
	const isPinned = state === 'pinned' && told.pinnedCm !== undefined && worked.castOn > 1 && isStraight(worked);
	return {
		...(pull === undefined ? {} : { pull }),
		...(isPinned ? { pinned: Math.max(0.5, told.pinnedCm! / cellOf(gauge).w - 1) } : {}),
	};
}
