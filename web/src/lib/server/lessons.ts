/** Lessons in the database. Every function takes the teacher; another's lesson is as good as none. */

import type { Crossing } from '@pond-loop/core/crossing';
import { addStep, emptyLesson, type Lesson, LESSON_LIMITS, LessonSchema } from '@pond-loop/core/lesson';
import { CrossingSchema } from '@pond-loop/core/schema';
import type { Step } from '@pond-loop/core/step';
import { database, rows, transaction, type Queryable } from './database';
import { Documents, type KeptDocument, type ListedVersion, type StoredDocument } from './documents';
import * as sql from './sql/lessons';
import { WITHDRAW } from './sql/shares';
import type { Teacher } from './teachers';

export interface LessonSummary {
	readonly id: string;
	readonly title: string;
	readonly steps: number;
	/** The first few crossings, for a glance. */
	readonly crossings: readonly Crossing[];
	readonly updatedAt: Date;
}

export interface StoredLesson {
	readonly id: string;
	readonly version: number;
	readonly lesson: Lesson;
	readonly updatedAt: Date;
}

const documents = new Documents('lessons', LessonSchema);

const asLesson = ({ value, ...rest }: StoredDocument<Lesson>): StoredLesson => ({ ...rest, lesson: value });

/** Only what a choice of lessons needs, last changed first. */
export const lessonTitles = (teacher: Teacher): Promise<{ id: string; title: string }[]> =>
	rows(database(), sql.TITLES, [teacher.id]);

/** The lessons of a teacher, last changed first; only the first `most` when it is given. */
export async function listLessons(teacher: Teacher, most?: number): Promise<LessonSummary[]> {
	const found = await rows<{ id: string; title: string; steps: number; crossings: unknown[]; updated_at: Date }>(
		database(),
		sql.LIST,
		[teacher.id, most ?? null],
	);
	return found.map(({ id, title, steps, crossings, updated_at }) => ({
		id,
		title,
		steps,
		crossings: crossings.flatMap((c) => CrossingSchema.safeParse(c).data ?? []),
		updatedAt: updated_at,
	}));
}

/** Writes a lesson over one that could not be read. */
export const mendLesson = (teacher: Teacher, id: string, version: number, lesson: Lesson): Promise<boolean> =>
	documents.mend(teacher, id, version, lesson);

/** Every lesson of a teacher, those off the lists included, oldest first, as it is stored. */
export const lessonsOneByOne = (teacher: Teacher, on: Queryable): AsyncGenerator<KeptDocument<unknown>> =>
	documents.oneByOne(teacher, on);

/** Throws `Unread`. */
export async function readLesson(teacher: Teacher, id: string): Promise<StoredLesson | undefined> {
	const found = await documents.read(teacher, id);
	return found && asLesson(found);
}

export async function createLesson(
	teacher: Teacher,
	title: string,
	steps: readonly Step[] = [],
): Promise<StoredLesson> {
	return insertLesson(teacher, { ...emptyLesson(title), steps: [...steps] });
}

/** Stores a whole lesson as a new one: also the way in for demo data and files. */
export async function insertLesson(teacher: Teacher, lesson: Lesson, on?: Queryable): Promise<StoredLesson> {
	return asLesson(await documents.insert(teacher, lesson, on));
}

export type SaveResult =
	| { readonly kind: 'saved'; readonly saved: StoredLesson }
	/** Somebody saved in between: nothing was written, and this is what stands there. */
	| { readonly kind: 'stale'; readonly current: StoredLesson }
	| { readonly kind: 'missing' };

/** Writes a lesson made from `version`. Refused, with what stands there now, when that is not the newest. */
export async function saveLesson(teacher: Teacher, id: string, version: number, lesson: Lesson): Promise<SaveResult> {
	return changeLesson(teacher, id, (current) => (current.version === version ? lesson : undefined));
}

export type AppendResult = Exclude<SaveResult, { kind: 'stale' }> | { readonly kind: 'full' };

/** Adds one step at the end of the newest version, whichever that is. */
export async function appendStep(teacher: Teacher, id: string, step: Step): Promise<AppendResult> {
	const result = await changeLesson(teacher, id, (current) =>
		current.lesson.steps.length < LESSON_LIMITS.steps ? addStep(current.lesson, step) : undefined,
	);
	return result.kind === 'stale' ? { kind: 'full' } : result;
}

async function changeLesson(
	teacher: Teacher,
	id: string,
	next: (current: StoredLesson) => Lesson | undefined,
): Promise<SaveResult> {
	const result = await documents.change(teacher, id, (current) => next(asLesson(current)));
	switch (result.kind) {
		case 'saved':
			return { kind: 'saved', saved: asLesson(result.saved) };
		case 'stale':
			return { kind: 'stale', current: asLesson(result.current) };
		case 'missing':
			return result;
	}
}

/**
 * Takes a lesson off the lists; `restoreLesson` brings it back. Gives its title. A link to read it by is
 * withdrawn with it, and does not come back: whoever removed it may have meant to end that too.
 */
export const removeLesson = (teacher: Teacher, id: string): Promise<string | undefined> =>
	transaction(async (on) => {
		await on.query(WITHDRAW, [teacher.id, id]);
		return documents.remove(teacher, id, on);
	});

export const restoreLesson = (teacher: Teacher, id: string): Promise<boolean> => documents.restore(teacher, id);

/** What a lesson was before, newest first. */
export const lessonVersions = (teacher: Teacher, id: string): Promise<ListedVersion[]> =>
	documents.versions(teacher, id);

/** One of its earlier versions, whole. Throws `Unread`. */
export const lessonAt = (teacher: Teacher, id: string, version: number): Promise<Lesson | undefined> =>
	documents.versionAt(teacher, id, version);
