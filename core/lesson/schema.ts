/** A lesson as it is stored, sent and exchanged. */

import { z } from 'zod';
import { TOOLS } from '../craft/index.ts';
import { FIBRES } from '../fabric/index.ts';
import { anyVersion, type Format, versionOf, VersionSchema } from '../schema/index.ts';
import { LEVELS, SKILLS, type SkillId } from '../skill/index.ts';
import { StepSchema } from '../step/index.ts';

/** Stated limits; what is longer is refused with a message that names them. */
export const LESSON_LIMITS = { title: 120, steps: 200 } as const;

export const TitleSchema = z
	.string()
	.trim()
	.min(1, 'A lesson needs a title. Type at least one letter.')
	.max(LESSON_LIMITS.title, `A title has at most ${LESSON_LIMITS.title} characters. Shorten it.`);

const minutesOfClass = 'A class takes between 10 and 600 minutes. Change its length.';
const learners = 'A class has between 1 and 100 learners. Change how many come.';

const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/;
const noMoment = 'That is not a date and time. Write it as 2026-11-24T19:00.';

/** Whether the calendar has this local date and time. */
function isMoment(text: string): boolean {
	const [year = 0, month = 0, day = 0, hour = 24, minute = 60] = text.split(/[-T:]/).map(Number);
	const isLeap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
	const lengths = [31, isLeap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
	return year > 0 && day > 0 && day <= (lengths[month - 1] ?? 0) && hour < 24 && minute < 60;
}

const head = z
	.number('That is not a number of people.')
	.int('That is not a number of people.')
	.min(0, 'The number of people cannot be below 0.')
	.max(100, learners);
/** Who of the learners has what: all others knit by hand, right-handed, and read ordinary print. */
export const RoomSchema = z.object({
	/** At tools that stand before them, by craft. */
	at: z.partialRecord(z.enum(TOOLS), head).default({}),
	/** Left-handed, of those who knit by hand. */
	left: head.default(0),
	/** Who read large print, right-handed. */
	large: head.default(0),
	/** Who hold the yarn in the other hand than the house style, of those who knit by hand, right-handed. */
	otherYarn: head.default(0),
	/** How many keep away from a fibre; no names, so that they stay with the class. */
	avoids: z.partialRecord(z.enum(FIBRES), head).optional(),
});
export type Room = z.infer<typeof RoomSchema>;

export const atTools = ({ at }: Room): number => Object.values(at).reduce((sum, n) => sum + (n ?? 0), 0);

const WholePlanSchema = z.object({
	minutes: z.number(minutesOfClass).int(minutesOfClass).min(10, minutesOfClass).max(600, minutesOfClass),
	learners: z.number(learners).int(learners).min(1, learners).max(100, learners),
	level: z.enum(LEVELS),
	/** When it is given, each a local date and time: `2026-11-24T19:00`. */
	dates: z
		.array(z.string().regex(MOMENT, noMoment).refine(isMoment, noMoment))
		.max(60, 'A lesson has at most 60 dates.'),
	/** Remarks that the teacher does not want to see again, by their keys. */
	dismissed: z.array(z.string().max(120)).max(300),
	/** What this class can do already, besides what its level brings. */
	known: z
		.array(z.enum([...SKILLS.keys()] as [SkillId, ...SkillId[]]))
		.max(100)
		.optional(),
	/** Left out where nothing is known but how many come. */
	room: RoomSchema.optional(),
	/** How fast its class was measured to be; assumed by its level when left out. */
	pace: z
		.object({
			/** Seconds a crossing, and plain stitches in a minute. */
			crossing: z.number().min(1).max(3600),
			stitches: z.number().min(1).max(500),
			/** Measures that it comes from. */
			from: z.number().int().min(1).max(1_000_000),
			/** The class. */
			of: z.string().max(120),
		})
		.optional(),
});

/** Who comes, and how long they stay. */
export const PlanSchema = WholePlanSchema.refine(
	({ learners: all, room }) => !room || atTools(room) + room.left + room.large + room.otherYarn <= all,
	'More people are left-handed, at tools, or have large print than are coming. Correct who’s coming.',
);
export type Plan = z.infer<typeof PlanSchema>;
export const DEFAULT_PLAN: Plan = { minutes: 90, learners: 8, level: 'beginner', dates: [], dismissed: [] };

/** Swatches in its steps have a version of their own. */
export const LESSON_FORMAT = { name: 'pond-loop/lesson', version: 1, upgrades: {} } as const satisfies Format;

const NowSchema = z.object({
	format: z.literal(LESSON_FORMAT.name),
	version: versionOf(LESSON_FORMAT),
	title: TitleSchema,
	/** Lessons from before there was one get the usual plan. */
	plan: PlanSchema.default(DEFAULT_PLAN),
	steps: z
		.array(StepSchema)
		.max(LESSON_LIMITS.steps, `A lesson has at most ${LESSON_LIMITS.steps} steps. Start a second lesson.`)
		.refine((steps) => new Set(steps.map((s) => s.id)).size === steps.length, 'Two steps have the same id.'),
});

export type Lesson = z.infer<typeof NowSchema>;
export const LessonSchema = anyVersion(LESSON_FORMAT, NowSchema);

/** A write of a whole lesson carries the version that it was made from. */
export const SaveLessonSchema = z.object({ version: VersionSchema.min(1), lesson: LessonSchema });

export const NewLessonSchema = z.object({ title: TitleSchema, steps: z.array(StepSchema).max(1).optional() });

export const AddStepSchema = z.object({ step: StepSchema });
