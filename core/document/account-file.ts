/** All that a teacher has here, as one file. What lets somebody sign in is not in it. */

import { z } from 'zod';
import { ClassFileSchema } from '../class/index.ts';
import { LessonSchema } from '../lesson/index.ts';
import { anyVersion, DesignSchema, HouseStyleSchema, SwatchSchema, versionOf, type Format } from '../schema/index.ts';

const moment = z.iso.datetime();

const kept = z.object({
	id: z.uuid(),
	version: z.number().int().min(1).max(2_147_483_647),
	createdAt: moment,
	updatedAt: moment,
	/** Set when it was taken off the lists. */
	removedAt: moment.nullable(),
});

export const ACCOUNT_FILE_FORMAT = {
	name: 'pond-loop/export',
	version: 1,
	upgrades: {},
} as const satisfies Format;

const version = z.object({
	of: z.uuid(),
	version: kept.shape.version,
	savedAt: moment,
	document: z.unknown(),
});

/** A file as it is written: what cannot be read as it should stands in it as it is stored. */
const FileSchema = z.object({
	format: z.literal(ACCOUNT_FILE_FORMAT.name),
	version: versionOf(ACCOUNT_FILE_FORMAT),
	exportedAt: moment,
	teacher: z.object({ name: z.string(), signInName: z.string().nullable(), since: moment }),
	/** Null while the teacher has not changed anything in it. */
	houseStyle: z.unknown(),
	lessons: z.array(kept.extend({ lesson: z.unknown() })).max(10_000),
	/** Crossings of the teacher's own. Files from before there were any have none. */
	designs: z.array(z.unknown()).max(10_000).default([]),
	/** Files from before there were swatches have none. */
	swatches: z
		.array(kept.extend({ swatch: z.unknown(), place: z.number().int().min(0).max(2_147_483_647) }))
		.max(10_000)
		.default([]),
	/** Classes with their people and evenings. Files from before there were any have none. */
	classes: z
		.array(z.object({ id: z.uuid() }).loose())
		.max(1000)
		.default([]),
	/** Earlier versions of lessons and swatches. */
	versions: z.array(version).max(100_000).default([]),
	/** Pictures in lessons. Files from before there were any have none. */
	pictures: z
		.array(z.object({ id: z.uuid(), jpeg: z.base64().max(8_000_000) }))
		.max(1000)
		.default([]),
	/** Links by which lessons are read. */
	shares: z.array(z.object({ lesson: z.uuid(), token: z.string(), madeAt: moment })).default([]),
	/** Doors to practice, and what was sent through them. Files from before there were any have none. */
	practice: z
		.array(z.object({ token: z.string() }).loose())
		.max(20_000)
		.default([]),
	sessions: z.array(z.object({ browser: z.string(), startedAt: moment, seenAt: moment })),
	recoveryCodesLeft: z.number().int(),
});

export type AccountFile = z.infer<typeof FileSchema>;
export const AccountFileSchema = anyVersion(ACCOUNT_FILE_FORMAT, FileSchema);

/** The same with everything in it readable, as it is when nothing was spoilt. */
export const ExportSchema = anyVersion(
	ACCOUNT_FILE_FORMAT,
	FileSchema.extend({
		houseStyle: HouseStyleSchema.nullable(),
		lessons: z.array(kept.extend({ lesson: LessonSchema })),
		designs: z.array(DesignSchema).default([]),
		classes: z.array(ClassFileSchema.extend({ id: z.uuid() })).default([]),
		swatches: z.array(kept.extend({ swatch: SwatchSchema, place: z.number().int() })).default([]),
	}),
);
export type Export = z.infer<typeof ExportSchema>;
