/** A class as it is stored: what it is called, where and when it meets, and who comes. */

import { z } from 'zod';
import { anyVersion, type Format, VersionSchema, versionOf } from '../schema/index.ts';
import { LEVELS } from '../skill/index.ts';
import { PersonSchema } from './person.ts';

export const CLASS_LIMITS = { title: 120, place: 120, people: 60, many: 60, evenings: 200 } as const;

export const CLASS_FORMAT = { name: 'pond-loop/class', version: 1, upgrades: {} } as const satisfies Format;

export const ClassTitleSchema = z
	.string()
	.trim()
	.min(1, 'A class needs a name. Type at least one letter.')
	.max(CLASS_LIMITS.title, `The name of a class has at most ${CLASS_LIMITS.title} characters. Shorten it.`);

const NowSchema = z.object({
	format: z.literal(CLASS_FORMAT.name),
	version: versionOf(CLASS_FORMAT),
	title: ClassTitleSchema,
	place: z.string().trim().max(CLASS_LIMITS.place, `A place has at most ${CLASS_LIMITS.place} characters. Shorten it.`),
	/** The usual hour, local: `19:00`. */
	hour: z
		.string()
		.regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Write the time like 19:00.')
		.optional(),
	minutes: z
		.number()
		.int()
		.min(10, 'A class is at least 10 minutes long.')
		.max(600, 'A class is at most 600 minutes long.'),
	level: z.enum(LEVELS),
	people: z
		.array(PersonSchema)
		.max(CLASS_LIMITS.people, `A class has at most ${CLASS_LIMITS.people} people. Make a second one.`)
		.refine((people) => new Set(people.map((p) => p.id)).size === people.length, 'Two people have the same id.'),
	/** Laps of the stopwatch that the teacher set aside, by their presses: kept, but not reckoned with. */
	aside: z.array(z.uuid()).max(500).optional(),
});
export type Class = z.infer<typeof NowSchema>;
export const ClassSchema = anyVersion(CLASS_FORMAT, NowSchema);

export const newClass = (title: string): Class => ({
	format: CLASS_FORMAT.name,
	version: CLASS_FORMAT.version,
	title,
	place: '',
	minutes: 90,
	level: 'beginner',
	people: [],
});

export const NewClassSchema = z.object({ title: ClassTitleSchema });
/** A write of a whole class carries the version that it was made from. */
export const SaveClassSchema = z.object({ version: VersionSchema.min(1), class: ClassSchema });
