/** Who comes to a class, as far as a lesson has to know. Facts of health are asked for, never assumed, and none is needed. */

import { z } from 'zod';
import { PLACES } from '../craft/index.ts';
import { FIBRES } from '../fabric/index.ts';
import { HOLDER_SHAPES } from '../handling/index.ts';
import { ROW_LANGUAGE_IDS } from '../language/index.ts';
import { LEVELS } from '../skill/index.ts';

export const PERSON_LIMITS = { name: 60 } as const;

/** Right; left; left-handed, but knits right-handed. */
export const HANDED = ['right', 'left', 'left-as-right'] as const;
export type Handed = (typeof HANDED)[number];

export const PersonSchema = z.object({
	id: z.uuid(),
	/** The name that the teacher uses. */
	name: z
		.string()
		.trim()
		.min(1, 'Somebody has no name. Type at least one letter.')
		.max(PERSON_LIMITS.name, `A name has at most ${PERSON_LIMITS.name} characters. Shorten it.`),
	hands: z.enum(HANDED).default('right'),
	/** The hand that holds the yarn; that of the house style when left out. */
	yarnHand: z.enum(['right', 'left']).optional(),
	/** Where they work: at needles, loom or machine. */
	at: z.enum(PLACES).default(PLACES[0]!),
	level: z.enum(LEVELS).optional(),
	/** The holder that they like. */
	holder: z.enum(HOLDER_SHAPES).optional(),
	large: z.literal(true).optional(),
	/** The language in which rows stand once more on their handouts. */
	language: z.enum(ROW_LANGUAGE_IDS).optional(),
	/** Fibres to keep away from them, as they said themselves. */
	avoids: z.array(z.enum(FIBRES)).max(FIBRES.length).optional(),
	/** Comes no more; what was seen stays until it is erased. */
	left: z.literal(true).optional(),
});
export type Person = z.infer<typeof PersonSchema>;
