import type { Crossing } from './crossing.ts';

/** Stitches that the strand that moves furthest goes sideways; 0 where nothing moves. */
export const reachOf = ({ order }: Pick<Crossing, 'order'>): number =>
	Math.max(0, ...order.map((stitch, i) => Math.abs(stitch - (i + 1))));
