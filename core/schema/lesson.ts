/** A lesson as it is stored, sent and exchanged. */

import { z } from 'zod';
import { DEMONSTRATIONS } from '../craft/index.ts';
import { MISTAKE_IDS } from '../handling/index.ts';
import { MAX_SENTENCE_LENGTH, SCHOOL_IDS } from '../notation/index.ts';
import { CrossingSchema } from './crossing.ts';
import { SwatchSchema } from './swatch.ts';

/** Stated limits; what is longer is refused with a message that names them. */
export const LESSON_LIMITS = { title: 120, note: 4000, steps: 200 } as const;

const count = (value: number): string => value.toLocaleString('en');

export const TitleSchema = z
	.string()
	.trim()
	.min(1, 'A lesson needs a title. Type at least one letter.')
	.max(LESSON_LIMITS.title, `A title has at most ${LESSON_LIMITS.title} characters. Shorten it.`);

const NoteText = z
	.string()
	.max(
		LESSON_LIMITS.note,
		`A note has at most ${count(LESSON_LIMITS.note)} characters. Shorten it, or split it into two.`,
	);

export const CrossingStepSchema = z.object({
	id: z.uuid(),
	kind: z.literal('crossing'),
	craft: z.literal('hand'),
	/** The name, or the sentence, as it was typed, and the school that read it. */
	asked: z.object({ text: z.string().min(1).max(MAX_SENTENCE_LENGTH), school: z.enum(SCHOOL_IDS) }),
	crossing: CrossingSchema,
	way: z.string().min(1).max(40),
	/** How the stage stood, where it is not simply the front and all done right. */
	view: z
		.object({
			camera: z.enum(['front', 'above', 'behind']).optional(),
			mistake: z.enum(MISTAKE_IDS).optional(),
			site: z.number().int().min(0).max(1000).optional(),
			hands: z.enum(DEMONSTRATIONS).optional(),
			yarn: z.enum(['right', 'left']).optional(),
		})
		.optional(),
	note: NoteText,
});

/** Rows to knit at the needles: the swatch as it stood when it was put in. */
export const SwatchStepSchema = z.object({
	id: z.uuid(),
	kind: z.literal('swatch'),
	swatch: SwatchSchema,
	/** The swatch that it was taken from. */
	from: z.uuid().optional(),
	note: NoteText,
});

export const NoteStepSchema = z.object({ id: z.uuid(), kind: z.literal('note'), text: NoteText });

export const StepSchema = z.discriminatedUnion('kind', [CrossingStepSchema, SwatchStepSchema, NoteStepSchema]);

export const LessonSchema = z.object({
	format: z.literal('pond-loop/lesson'),
	version: z.literal(1),
	title: TitleSchema,
	steps: z
		.array(StepSchema)
		.max(LESSON_LIMITS.steps, `A lesson has at most ${LESSON_LIMITS.steps} steps. Start a second lesson.`)
		.refine((steps) => new Set(steps.map((s) => s.id)).size === steps.length, 'Two steps carry the same id.'),
});

/** A lesson as it stands while it is typed: the same shape, not yet held to its limits. */
export const DraftLessonSchema = LessonSchema.extend({
	title: z.string(),
	steps: z.array(
		z.discriminatedUnion('kind', [
			CrossingStepSchema.extend({ note: z.string() }),
			SwatchStepSchema.extend({ note: z.string() }),
			NoteStepSchema.extend({ text: z.string() }),
		]),
	),
});

export type Lesson = z.infer<typeof LessonSchema>;
export type Step = z.infer<typeof StepSchema>;
export type CrossingStep = z.infer<typeof CrossingStepSchema>;
export type SwatchStep = z.infer<typeof SwatchStepSchema>;
export type NoteStep = z.infer<typeof NoteStepSchema>;

/** The first complaint of a failed check, with where it is, in words. */
export function firstIssue(error: z.ZodError): string {
	const issue = error.issues[0];
	if (!issue) return 'It could not be read.';
	// The lesson may itself stand inside a message, so its steps may be anywhere on the way.
	const index = issue.path[issue.path.indexOf('steps') + 1];
	const where = issue.path.includes('steps') && typeof index === 'number' ? `Step ${index + 1}: ` : '';
	return where + issue.message;
}
