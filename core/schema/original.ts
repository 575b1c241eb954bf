/** A text as it was written in another language, which stays beside its English. */

import { z } from 'zod';
import { LANGUAGE_IDS } from '../language/index.ts';
import { thousands } from '../thousands.ts';
import { SWATCH_LIMITS } from '../worked/index.ts';

export const OriginalSchema = z.object({
	language: z.enum(LANGUAGE_IDS),
	text: z
		.string()
		.max(
			SWATCH_LIMITS.text,
			`A pattern in another language has at most ${thousands(SWATCH_LIMITS.text)} characters. Shorten it.`,
		),
});
export type Original = z.infer<typeof OriginalSchema>;
