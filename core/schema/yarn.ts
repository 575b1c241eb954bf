/** A yarn of the teacher's drawer, with the squares that were knitted of it and measured. */

import { z } from 'zod';
import { FABRIC_STATES, FIBRES, GAUGE_OF, PULLS } from '../fabric/index.ts';

export const YARN_LIMITS = { many: 40, squares: 20, pieces: 20, name: 60, title: 200 } as const;

export const between = (least: number, most: number, says: string): z.ZodNumber =>
	z.number(says).min(least, says).max(most, says);
const cm = between(1, 100, 'A square is between 1 and 100 cm. Measure it again.');
const size = z.object({ widthCm: cm, lengthCm: cm }).optional();
const counted = between(1, 400, 'A square has between 1 and 400 stitches and rows. Count again.');

/** What the band of a ball says. */
export const MetresSchema = between(20, 3000, 'Yarn has between 20 and 3,000 m in 100 g. Look at its band.');
export const BallSchema = between(5, 1000, 'A ball has between 5 and 1,000 g. Look at its band.');

const day = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'Write the date like 2026-05-12.');

export const SquareSchema = z.object({
	id: z.string().max(60),
	/** The day on which it was measured: 2026-05-12. */
	on: day,
	of: z.enum(GAUGE_OF),
	stitches: counted,
	rows: counted,
	sizes: z.object({ off: size, pinned: size, dry: size }),
	/** Taken out of what is reckoned, but kept. */
	aside: z.literal(true).optional(),
});

export const PieceWidthSchema = between(1, 500, 'A piece is between 1 and 500 cm wide. Measure it again.');

/** How wide a piece with cords came out, in which state, and the pull of drawn-through loops that was learnt from it. */
export const AcrossSchema = z.object({
	widthCm: PieceWidthSchema,
	state: z.enum(FABRIC_STATES),
	pull: z.number().min(PULLS.least).max(PULLS.most),
});

/** A piece of this yarn with cords in it: by what it taught, others of the same yarn are reckoned. */
export const PieceSchema = AcrossSchema.extend({
	/** Of its swatch, so that one that is measured again takes its own place. */
	id: z.string().max(60),
	on: day,
	title: z.string().max(YARN_LIMITS.title),
	/** Taken out of what is reckoned, but kept. */
	aside: z.literal(true).optional(),
});
export type YarnPiece = z.infer<typeof PieceSchema>;

export const YarnSchema = z.object({
	id: z.string().max(60),
	name: z
		.string()
		.trim()
		.min(1, 'A yarn needs a name. Type at least one letter.')
		.max(YARN_LIMITS.name, `The name of a yarn has at most ${YARN_LIMITS.name} characters. Shorten it.`),
	fibre: z.enum(FIBRES),
	metresIn100g: MetresSchema.optional(),
	ballGrams: BallSchema.optional(),
	squares: z
		.array(SquareSchema)
		.max(YARN_LIMITS.squares, `You can keep at most ${YARN_LIMITS.squares} squares of a yarn. Remove one first.`),
	pieces: z
		.array(PieceSchema)
		.max(YARN_LIMITS.pieces, `You can keep at most ${YARN_LIMITS.pieces} pieces of a yarn. Remove one first.`)
		.optional(),
});
export type Yarn = z.infer<typeof YarnSchema>;
export type YarnSquare = z.infer<typeof SquareSchema>;
