/** A lesson as it is stored, sent and exchanged. */

import { z } from 'zod';
import { CRAFT_IDS, DEMONSTRATIONS } from '../craft/index.ts';
import { MISTAKE_IDS } from '../handling/index.ts';
import { MAX_SENTENCE_LENGTH, SCHOOL_IDS } from '../notation/index.ts';
import { CrossingSchema } from './crossing.ts';
import { NoteSchema } from './note.ts';
import { SwatchSchema } from './swatch.ts';

/** Stated limits; what is longer is refused with a message that names them. */
export const LESSON_LIMITS = { title: 120, steps: 200 } as const;

export const TitleSchema = z
	.string()
	.trim()
	.min(1, 'A lesson needs a title. Type at least one letter.')
	.max(LESSON_LIMITS.title, `A title has at most ${LESSON_LIMITS.title} characters. Shorten it.`);

/** What all steps have. */
const AnyStep = {
	id: z.uuid(),
	/** Minutes that the teacher sets; reckoned when left out. */
	minutes: z.number().int().min(0).max(240, 'A step takes at most 240 minutes. Split it.').optional(),
};

export const CrossingStepSchema = z.object({
	...AnyStep,
	kind: z.literal('crossing'),
	/** Comparisons are of plain knitting; a crossing may be shown in any craft. */
	craft: z.enum(CRAFT_IDS),
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
	note: NoteSchema,
});

/** Rows to knit at the needles: the swatch as it stood when it was put in. */
export const SwatchStepSchema = z.object({
	...AnyStep,
	kind: z.literal('swatch'),
	swatch: SwatchSchema,
	/** The swatch that it was taken from. */
	from: z.uuid().optional(),
	note: NoteSchema,
});

/** Two things side by side: both leans, two ways, what schools read differently, or rows between crossings. */
export const COMPARISONS = ['leans', 'ways', 'readings', 'tightness'] as const;
export const CompareStepSchema = CrossingStepSchema.omit({ kind: true, view: true }).extend({
	kind: z.literal('compare'),
	of: z.enum(COMPARISONS),
	/** The second way, where two ways are compared. */
	other: z.string().min(1).max(40).optional(),
});

/** What a learner looks at on their own piece. */
export const CHECKS = ['count', 'lean', 'mount', 'gap'] as const;
export const CheckStepSchema = z.object({
	...AnyStep,
	kind: z.literal('check'),
	checks: z.array(z.enum(CHECKS)).min(1, 'A check looks at something. Choose at least one thing.'),
	note: NoteSchema,
});

export const FINISHES = ['bind-off', 'wash', 'pin', 'dry', 'seam'] as const;
export const FinishStepSchema = z.object({
	...AnyStep,
	kind: z.literal('finish'),
	parts: z.array(z.enum(FINISHES)).min(1, 'Finishing has at least one part. Choose one.'),
	note: NoteSchema,
});

export const RestStepSchema = z.object({ ...AnyStep, kind: z.literal('rest'), note: NoteSchema });

/** Steps that are what is written in them. */
export const TEXT_KINDS = ['note', 'opening', 'materials', 'discussion', 'homework'] as const;
export const TextStepSchema = z.object({ ...AnyStep, kind: z.enum(TEXT_KINDS), text: NoteSchema });

export const StepSchema = z.discriminatedUnion('kind', [
	CrossingStepSchema,
	CompareStepSchema,
	SwatchStepSchema,
	CheckStepSchema,
	FinishStepSchema,
	RestStepSchema,
	TextStepSchema,
]);

export const LEVELS = ['beginner', 'improver', 'practised'] as const;
export type Level = (typeof LEVELS)[number];

const minutesOfClass = 'A class takes between 10 and 600 minutes. Change its length.';
const learners = 'A class has between 1 and 100 learners. Change how many come.';

const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/;
const noMoment = 'That is no date and time. Write it as 2026-11-24T19:00.';

/** Whether the calendar has this local date and time. */
function isMoment(text: string): boolean {
	const [year = 0, month = 0, day = 0, hour = 24, minute = 60] = text.split(/[-T:]/).map(Number);
	const isLeap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
	const lengths = [31, isLeap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
	return year > 0 && day > 0 && day <= (lengths[month - 1] ?? 0) && hour < 24 && minute < 60;
}

/** Who comes, and how long they stay. */
export const PlanSchema = z.object({
	minutes: z.number(minutesOfClass).int(minutesOfClass).min(10, minutesOfClass).max(600, minutesOfClass),
	learners: z.number(learners).int(learners).min(1, learners).max(100, learners),
	level: z.enum(LEVELS),
	/** When it is given, each a local date and time: `2026-11-24T19:00`. */
	dates: z
		.array(z.string().regex(MOMENT, noMoment).refine(isMoment, noMoment))
		.max(60, 'A lesson has at most 60 dates.'),
	/** Remarks that the teacher does not want to see again, by their keys. */
	dismissed: z.array(z.string().max(120)).max(300),
});
export type Plan = z.infer<typeof PlanSchema>;
export const DEFAULT_PLAN: Plan = { minutes: 90, learners: 8, level: 'beginner', dates: [], dismissed: [] };

export const LessonSchema = z.object({
	format: z.literal('pond-loop/lesson'),
	version: z.literal(1),
	title: TitleSchema,
	/** Lessons from before there was one get the usual plan. */
	plan: PlanSchema.default(DEFAULT_PLAN),
	steps: z
		.array(StepSchema)
		.max(LESSON_LIMITS.steps, `A lesson has at most ${LESSON_LIMITS.steps} steps. Start a second lesson.`)
		.refine((steps) => new Set(steps.map((s) => s.id)).size === steps.length, 'Two steps carry the same id.'),
});

export type Lesson = z.infer<typeof LessonSchema>;
export type Step = z.infer<typeof StepSchema>;
export type CrossingStep = z.infer<typeof CrossingStepSchema>;
export type SwatchStep = z.infer<typeof SwatchStepSchema>;
export type CompareStep = z.infer<typeof CompareStepSchema>;
export type CheckStep = z.infer<typeof CheckStepSchema>;
export type FinishStep = z.infer<typeof FinishStepSchema>;
export type TextStep = z.infer<typeof TextStepSchema>;
export type StepKind = Step['kind'];

export const isText = (step: Step): step is TextStep => 'text' in step;

/** The first complaint of a failed check, with where it is, in words. */
export function firstIssue(error: z.ZodError): string {
	const issue = error.issues[0];
	if (!issue) return 'It could not be read.';
	// The lesson may itself stand inside a message, so its steps may be anywhere on the way.
	const index = issue.path[issue.path.indexOf('steps') + 1];
	const where = issue.path.includes('steps') && typeof index === 'number' ? `Step ${index + 1}: ` : '';
	return where + issue.message;
}
