import { z } from 'zod';
import { crossing, MAX_STITCHES, WORKS, type Crossing } from '../crossing/index.ts';

const stitch = z.number().int().min(1).max(MAX_STITCHES);

/** A crossing as it is stored: refused unless it is valid in the model's own sense. */
export const CrossingSchema = z
	.object({
		n: stitch,
		order: z.array(stitch).max(MAX_STITCHES),
		over: z.array(z.tuple([stitch, stitch])).max((MAX_STITCHES * (MAX_STITCHES - 1)) / 2),
		work: z.array(z.enum(WORKS)).max(MAX_STITCHES),
	})
	.transform((value, ctx): Crossing => {
		const made = crossing(value);
		if (made.ok && made.value.n === value.n) return made.value;
		const what = made.ok ? `n is ${value.n}, but the order names ${made.value.n} stitches.` : made.problems[0]!.what;
		ctx.addIssue({ code: 'custom', message: what });
		return z.NEVER;
	});
