/** What a teacher tells of the size of a swatch: the gauge of a square, yarn and needle. */

import { z } from 'zod';
import { FABRIC_STATES, FIBRES, GAUGE_LIMITS, GAUGE_OF, TENSIONS_OF_HAND } from '../fabric/index.ts';

const inTen = (what: string): z.ZodNumber => {
	const says = `A square has between ${GAUGE_LIMITS.least} and ${GAUGE_LIMITS.most} ${what} in 10 cm. Count again, or measure over 10 cm.`;
	return z.number(says).min(GAUGE_LIMITS.least, says).max(GAUGE_LIMITS.most, says);
};
const between = (least: number, most: number, says: string): z.ZodNumber =>
	z.number(says).min(least, says).max(most, says);

export const SIZE_LIMITS = {
	metresIn100g: { least: 20, most: 3000 },
	ballGrams: { least: 5, most: 1000 },
	needleCm: { least: 10, most: 200 },
} as const;

export const SwatchSizeSchema = z.object({
	/** A yarn of the teacher's drawer; what it says itself holds where it is left out here. */
	yarn: z.string().max(60).optional(),
	/** Stitches and rows in 10 cm, of which fabric and in which state; assumed when left out. */
	gauge: z
		.object({
			stitches: inTen('stitches'),
			rows: inTen('rows'),
			of: z.enum(GAUGE_OF),
			state: z.enum(FABRIC_STATES),
		})
		.optional(),
	fibre: z.enum(FIBRES).optional(),
	tension: z.enum(TENSIONS_OF_HAND).optional(),
	metresIn100g: between(20, 3000, 'Yarn has between 20 and 3,000 m in 100 g. Look at its band.').optional(),
	ballGrams: between(5, 1000, 'A ball has between 5 and 1,000 g. Look at its band.').optional(),
	/** Length of a circular needle, in centimetres. */
	needleCm: between(10, 200, 'A circular needle is between 10 and 200 cm long.').optional(),
});
export type SwatchSizeTold = z.infer<typeof SwatchSizeSchema>;
