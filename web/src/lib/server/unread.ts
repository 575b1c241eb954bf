/** What is stored and cannot be read, as it is: to look at, to take along, to mend or to remove. */

import {
	DesignSchema,
	firstIssue,
	HouseStyleSchema,
	SwatchSchema,
	uncleanIn,
	uncleanWords,
} from '@pond-loop/core/schema';
import { ClassSchema, EveningSchema } from '@pond-loop/core/class';
import { LessonSchema } from '@pond-loop/core/lesson';
import type { z } from 'zod';
import { removeClass, removeEvening, saveClass } from './classes';
import { database, rows } from './database';
import { removeDesign, saveDesign } from './designs';
import { mendLesson, removeLesson } from './lessons';
import * as sql from './sql/unread';
import { mendSwatch, removeSwatch } from './swatches';
import type { Teacher } from './teachers';

export const UNREAD_KINDS = ['lessons', 'swatches', 'designs', 'house-style', 'classes', 'evenings'] as const;
export type UnreadKind = (typeof UNREAD_KINDS)[number];

interface UnreadEntry {
	/** What one is called. */
	readonly noun: string;
	readonly schema: z.ZodType;
	/** Where it is opened once it can be read. */
	readonly place: (id: string) => string;
	readonly mend: (teacher: Teacher, id: string, version: number, value: never) => Promise<boolean>;
	readonly remove: (teacher: Teacher, id: string) => Promise<boolean>;
}

const KINDS: Readonly<Record<UnreadKind, UnreadEntry>> = {
	lessons: {
		noun: 'lesson',
		schema: LessonSchema,
		place: (id) => `/lessons/${id}`,
		mend: mendLesson,
		remove: async (teacher, id) => (await removeLesson(teacher, id)) !== undefined,
	},
	swatches: {
		noun: 'swatch',
		schema: SwatchSchema,
		place: (id) => `/swatches/${id}`,
		mend: mendSwatch,
		remove: async (teacher, id) => (await removeSwatch(teacher, id)) !== undefined,
	},
	designs: {
		noun: 'crossing of your own',
		schema: DesignSchema,
		place: () => '/crossings',
		mend: async (teacher, id, _, value: z.infer<typeof DesignSchema>) =>
			(await saveDesign(teacher, { ...value, id })) === 'saved',
		remove: async (teacher, id) => (await removeDesign(teacher, id)) !== undefined,
	},
	classes: {
		noun: 'class',
		schema: ClassSchema,
		place: (id) => `/classes/${id}`,
		mend: async (teacher, id, version, value) => (await saveClass(teacher, id, version, value)).kind === 'saved',
		remove: removeClass,
	},
	evenings: {
		noun: 'evening',
		schema: EveningSchema,
		place: (id) => `/evenings/${id}`,
		mend: async (teacher, id, _, value) =>
			(await rows(database(), sql.MEND_EVENING, [teacher.id, id, value])).length > 0,
		remove: removeEvening,
	},
	'house-style': {
		noun: 'settings',
		schema: HouseStyleSchema,
		place: () => '/style',
		mend: async (teacher, _, version, value) =>
			(await rows(database(), sql.MEND_STYLE, [teacher.id, version, value])).length > 0,
		remove: async (teacher) => (await rows(database(), sql.DROP_STYLE, [teacher.id])).length > 0,
	},
};

export interface Raw {
	readonly noun: string;
	readonly place: string;
	readonly version: number;
	/** As it is stored, as text of JSON. */
	readonly text: string;
	/** Why it cannot be read; undefined when it can. */
	readonly why: string | undefined;
}

/** Undefined when there is no such document of this teacher's. */
export async function readRaw(teacher: Teacher, kind: UnreadKind, id: string): Promise<Raw | undefined> {
	const [row] = await rows<{ version: number; document: unknown }>(database(), sql.READ[kind], [teacher.id, id]);
	if (!row) return undefined;
	const { noun, place, schema } = KINDS[kind];
	const checked = schema.safeParse(row.document);
	return {
		noun,
		place: place(id),
		version: row.version,
		text: JSON.stringify(row.document, null, '\t'),
		why: checked.success ? undefined : firstIssue(checked.error),
	};
}

/** Keeps the mended text; words when it cannot be kept. */
export async function mendRaw(
	teacher: Teacher,
	kind: UnreadKind,
	id: string,
	version: number,
	text: string,
): Promise<string | undefined> {
	let value: unknown;
	try {
		value = JSON.parse(text);
	} catch {
		return 'This is no JSON. A bracket, a comma or a quotation mark may be missing.';
	}
	const unclean = uncleanIn(value);
	if (unclean) return uncleanWords(unclean);
	const { schema, mend } = KINDS[kind];
	const checked = schema.safeParse(value);
	if (!checked.success) return firstIssue(checked.error);
	return (await mend(teacher, id, version, checked.data as never))
		? undefined
		: 'It was changed or removed meanwhile. Reload the page.';
}

export const removeRaw = (teacher: Teacher, kind: UnreadKind, id: string): Promise<boolean> =>
	KINDS[kind].remove(teacher, id);
