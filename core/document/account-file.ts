/** All that a teacher has here, as one file. What lets somebody sign in is not in it. */

import { z } from 'zod';
import { DesignSchema, HouseStyleSchema, SwatchSchema } from '../schema/index.ts';
import { LessonSchema } from '../lesson/index.ts';

const moment = z.iso.datetime();

const kept = z.object({
	id: z.uuid(),
	version: z.number().int(),
	createdAt: moment,
	updatedAt: moment,
	/** Set when it was taken off the lists. */
	removedAt: moment.nullable(),
});

export const ExportSchema = z.object({
	format: z.literal('pond-loop/export'),
	version: z.literal(1),
	exportedAt: moment,
	teacher: z.object({ name: z.string(), signInName: z.string().nullable(), since: moment }),
	/** Null while the teacher has not changed anything in it. */
	houseStyle: HouseStyleSchema.nullable(),
	lessons: z.array(kept.extend({ lesson: LessonSchema })),
	/** Crossings of the teacher's own. Files from before there were any have none. */
	designs: z.array(DesignSchema).default([]),
	/** Files from before there were swatches have none. */
	swatches: z.array(kept.extend({ swatch: SwatchSchema, place: z.number().int() })).default([]),
	/** Earlier versions of lessons and swatches. */
	versions: z
		.array(z.object({ of: z.uuid(), version: z.number().int(), savedAt: moment, document: z.unknown() }))
		.default([]),
	/** Links by which lessons are read. */
	shares: z.array(z.object({ lesson: z.uuid(), token: z.string(), madeAt: moment })).default([]),
	sessions: z.array(z.object({ browser: z.string(), startedAt: moment, seenAt: moment })),
	recoveryCodesLeft: z.number().int(),
});

export type Export = z.infer<typeof ExportSchema>;
