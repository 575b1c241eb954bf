/** Links by which a lesson is read without signing in, until the teacher withdraws them. */

import { DEFAULT_HOUSE_STYLE, type HouseStyle, HouseStyleSchema } from '@pond-loop/core/schema';
import { forOthers, type Lesson, LessonSchema } from '@pond-loop/core/lesson';
import { withKept } from '@pond-loop/core/notation';
import { designsOf } from './designs';
import { database, rows, type Queryable } from './database';
import { newToken, TokenSchema } from './secrets';
import * as sql from './sql/shares';
import type { Teacher } from './teachers';

/** The link's token: a new one, or the one that there is; `undefined` when the lesson is not this teacher's. */
export async function shareLesson(teacher: Teacher, id: string): Promise<string | undefined> {
	const [made] = await rows<{ token: string }>(database(), sql.MAKE, [teacher.id, id, newToken()]);
	return made?.token;
}

export async function shareOf(teacher: Teacher, id: string): Promise<string | undefined> {
	return (await rows<{ token: string }>(database(), sql.OF_LESSON, [teacher.id, id]))[0]?.token;
}

/** The address by which a lesson is read, where it has a link. */
export async function linkOf(teacher: Teacher, id: string, origin: string): Promise<string | undefined> {
	const token = await shareOf(teacher, id);
	return token && `${origin}/shared/${token}`;
}

/** Whether there was a link; nobody comes in by it any more. */
export async function withdrawShare(teacher: Teacher, id: string): Promise<boolean> {
	return (await rows(database(), sql.WITHDRAW, [teacher.id, id])).length > 0;
}

export interface Share {
	readonly lesson: string;
	readonly token: string;
	readonly madeAt: Date;
}

export async function allShares(teacher: Teacher, on: Queryable = database()): Promise<readonly Share[]> {
	const found = await rows<{ lesson_id: string; token: string; created_at: Date }>(on, sql.OF_TEACHER, [teacher.id]);
	return found.map((s) => ({ lesson: s.lesson_id, token: s.token, madeAt: s.created_at }));
}

export interface SharedLesson {
	readonly lesson: Lesson;
	readonly style: HouseStyle;
	/** Whose lesson it is. */
	readonly by: string;
}

/** What stands behind a link now; `undefined` when there is none, or it was withdrawn; `unread` when what is stored cannot be read. */
export async function readShared(token: string): Promise<SharedLesson | 'unread' | undefined> {
	if (!TokenSchema.safeParse(token).success) return undefined;
	const [row] = await rows<{ document: unknown; id: string; name: string; style: unknown }>(database(), sql.READ, [
		token,
	]);
	if (!row) return undefined;
	const lesson = LessonSchema.safeParse(row.document);
	if (!lesson.success) return 'unread';
	const style = HouseStyleSchema.safeParse(row.style).data ?? DEFAULT_HOUSE_STYLE;
	// Of the teacher's own crossings a reader is told those that the lesson names.
	const said = JSON.stringify(lesson.data).toLowerCase();
	const own = (await designsOf(row)).filter(({ name }) =>
		said.includes(JSON.stringify(name).slice(1, -1).toLowerCase()),
	);
	return {
		lesson: { ...lesson.data, steps: [...forOthers(lesson.data.steps)] },
		style: { ...style, yarns: [], glossary: withKept(style.glossary, own) },
		by: row.name,
	};
}
