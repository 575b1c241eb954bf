/** What a teacher tells of the size of a swatch: the gauge of a square, yarn and needle. */

import { z } from 'zod';
import { AcrossSchema, BallSchema, between, MetresSchema, PieceWidthSchema, YarnSchema } from './yarn.ts';
import { FABRIC_STATES, FIBRES, GAUGE_LIMITS, GAUGE_OF, TENSIONS_OF_HAND } from '../fabric/index.ts';

const inTen = (what: string): z.ZodNumber =>
	between(
		GAUGE_LIMITS.least,
		GAUGE_LIMITS.most,
		`A square has between ${GAUGE_LIMITS.least} and ${GAUGE_LIMITS.most} ${what} in 10 cm. Count again, or measure over 10 cm.`,
	);

export const SwatchSizeSchema = z.object({
	/** A yarn of the teacher's drawer; what it says itself holds where it is left out here. */
	yarn: z.string().max(60).optional(),
	/** That yarn as it was when the swatch left its drawer, such as for a lesson. */
	from: YarnSchema.optional(),
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
	metresIn100g: MetresSchema.optional(),
	ballGrams: BallSchema.optional(),
	/** Length of a circular needle, in centimetres. */
	needleCm: between(10, 200, 'A circular needle is between 10 and 200 cm long.').optional(),
	/** How wide a piece of its rows came out, in which state, and the pull of drawn-through loops that was learnt from it. */
	across: AcrossSchema.optional(),
	/** The width at which its edges are pinned, in centimetres; as wide as it likes when left out. */
	pinnedCm: PieceWidthSchema.optional(),
});
export type SwatchSizeTold = z.infer<typeof SwatchSizeSchema>;
