import type { YarnPoint } from '@pond-loop/core/drawing';

/** Fabric pulled apart sideways gets wider, shorter and flatter: its yarn stays as long. */
export const pulledOut = ({ x, y, z }: YarnPoint, pull: number): YarnPoint => ({
	x: x * pull,
	y: y / Math.sqrt(pull),
	z: z / Math.sqrt(pull),
});
