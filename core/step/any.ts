/** What all steps have. */

import { z } from 'zod';
import { MISTAKE_IDS } from '../handling/index.ts';
import { CRAFT_IDS, DEMONSTRATIONS, PLACES } from '../craft/index.ts';
import { MAX_SENTENCE_LENGTH, SCHOOL_IDS } from '../notation/index.ts';
import { CrossingSchema, NoteSchema } from '../schema/index.ts';

export const AnyStep = {
	id: z.uuid(),
	/** Minutes that the teacher sets; reckoned when left out. */
	minutes: z.number().int().min(0).max(240, 'A step is at most 240 minutes long. Split it.').optional(),
	/** Why it is here, for its teacher alone: no sheet, link, show or file for others has it. */
	why: z.string().max(600, 'The reason for a step has at most 600 characters. Shorten it.').optional(),
	/** Whom it is for, by where they work; for everybody when left out. */
	only: z.array(z.enum(PLACES)).min(1, 'Choose at least one tool that the step is for.').max(PLACES.length).optional(),
};

/** What is said of a step beside what it shows. */
export const Noted = { ...AnyStep, note: NoteSchema };

/** A crossing as a step asks for it. */
export const Asked = {
	craft: z.enum(CRAFT_IDS),
	/** The name, or the sentence, as it was typed, and the school that read it. */
	asked: z.object({ text: z.string().min(1).max(MAX_SENTENCE_LENGTH), school: z.enum(SCHOOL_IDS) }),
	crossing: CrossingSchema,
	way: z.string().min(1).max(40),
};

/** How the stage stood, where it is not simply the front and all done right. */
export const ViewSchema = z.object({
	camera: z.enum(['front', 'above', 'behind']).optional(),
	mistake: z.enum(MISTAKE_IDS).optional(),
	site: z.number().int().min(0).max(1000).optional(),
	hands: z.enum(DEMONSTRATIONS).optional(),
	yarn: z.enum(['right', 'left']).optional(),
});
