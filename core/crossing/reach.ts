import type { Crossing, StitchNumber } from './crossing.ts';

/** Stitches that the strand that moves furthest goes sideways; 0 where nothing moves. */
export const reachOf = ({ order }: Pick<Crossing, 'order'>): number =>
	Math.max(0, ...order.map((stitch, i) => Math.abs(stitch - (i + 1))));

export interface Travel {
	readonly stitch: StitchNumber;
	/** Stitches that it goes sideways. */
	readonly sideways: number;
	/** The part of that which pulls at it: a purled background stitch gives way, and half of its travel counts. */
	readonly pulls: number;
}

/** How far each strand that moves goes, in the order in which they are worked. Linear in pairs. */
export function travelsOf({ order, over, work }: Pick<Crossing, 'order' | 'over' | 'work'>): readonly Travel[] {
	const uppers = new Set(over.map(([upper]) => upper));
	return order.flatMap((stitch, i): Travel[] => {
		const sideways = Math.abs(stitch - (i + 1));
		const isBackground = work[stitch - 1]!.startsWith('p') && !uppers.has(stitch);
		return sideways === 0 ? [] : [{ stitch, sideways, pulls: isBackground ? sideways / 2 : sideways }];
	});
}
