/** Lessons in the database. Every function takes the teacher; another's lesson is as good as none. */

import type { Crossing } from '@pond-loop/core/crossing';
import { addStep, emptyLesson } from '@pond-loop/core/lesson';
import { CrossingSchema, LESSON_LIMITS, LessonSchema, type Lesson, type Step } from '@pond-loop/core/schema';
import { database, rows, type Queryable } from './database';
import { Documents, type DocumentVersion, type StoredDocument } from './documents';
import * as sql from './sql/lessons';
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

export interface KeptLesson extends StoredLesson {
	readonly createdAt: Date;
	readonly removedAt: Date | null;
}

/** Every lesson of a teacher, those off the lists included, oldest first. */
export async function allLessons(teacher: Teacher, on: Queryable = database()): Promise<KeptLesson[]> {
	return (await documents.all(teacher, on)).map(({ value, ...rest }) => ({ ...rest, lesson: value }));
}

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

/** Takes a lesson off the lists; `restoreLesson` brings it back. Gives its title. */
export const removeLesson = (teacher: Teacher, id: string): Promise<string | undefined> =>
	documents.remove(teacher, id);

export const restoreLesson = (teacher: Teacher, id: string): Promise<boolean> => documents.restore(teacher, id);

/** What a lesson was before, newest first. */
export const lessonVersions = (teacher: Teacher, id: string): Promise<DocumentVersion<Lesson>[]> =>
	documents.versions(teacher, id);
