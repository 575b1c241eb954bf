/** Doors through which a class practises without an account. Every function for a teacher takes the teacher. */

import { randomUUID } from 'node:crypto';
import { mirror, type Crossing } from '@pond-loop/core/crossing';
import { ClassSchema } from '@pond-loop/core/class';
import { LessonSchema, type Lesson } from '@pond-loop/core/lesson';
import { writtenIn } from '@pond-loop/core/notation';
import {
	chosenAmong,
	DOOR_LIMITS,
	DRILLS,
	FIRST_CROSSINGS,
	hardIn,
	PracticeDoorSchema,
	PracticeSummarySchema,
	type HardIn,
	type PracticeDoor,
	type PracticeSummary,
} from '@pond-loop/core/practice';
import { crossingsOf } from '@pond-loop/core/step';
import { z } from 'zod';
import { database, rows, type Queryable } from './database';
import { newToken, TokenSchema } from './secrets';
import * as sql from './sql/practice-doors';
import type { DoorOf } from './sql/practice-doors';
import type { Teacher } from './teachers';

/** Lessons of a class that are practised: the last ones. */
const LESSONS = 6;

/** The token; undefined where there is no such lesson or class of this teacher's. */
export async function openDoor(
	teacher: Teacher,
	of: DoorOf,
	id: string,
	door: PracticeDoor,
	on: Queryable = database(),
): Promise<string | undefined> {
	const values = [teacher.id, id, randomUUID(), newToken(), door];
	return (await rows<{ token: string }>(on, sql.open(of), values))[0]?.token;
}

/** Whether there was a door. What came through it stays. */
export const closeDoor = async (teacher: Teacher, of: DoorOf, id: string): Promise<boolean> =>
	(await rows(database(), sql.close(of), [teacher.id, id])).length > 0;

export interface Sent {
	readonly learner: string;
	readonly at: Date;
	readonly summary: PracticeSummary;
}
export interface OwnDoor {
	readonly token: string;
	readonly isOpen: boolean;
	/** Undefined where what is stored cannot be read. */
	readonly door: PracticeDoor | undefined;
}

export async function doorOf(teacher: Teacher, of: DoorOf, id: string): Promise<OwnDoor | undefined> {
	const [row] = await rows<{ token: string; is_open: boolean; document: unknown }>(database(), sql.door(of), [
		teacher.id,
		id,
	]);
	return row && { token: row.token, isOpen: row.is_open, door: PracticeDoorSchema.safeParse(row.document).data };
}

/** The address of an open door. */
export async function doorAddress(teacher: Teacher, id: string, origin: string): Promise<string | undefined> {
	const door = await doorOf(teacher, 'lessons', id);
	return door?.isOpen ? `${origin}/practice/${door.token}` : undefined;
}

export async function sentTo(teacher: Teacher, of: DoorOf, id: string): Promise<readonly Sent[]> {
	const found = await rows<{ learner_id: string; summary: unknown; sent_at: Date }>(database(), sql.sent(of), [
		teacher.id,
		id,
	]);
	return found.flatMap(({ learner_id, summary, sent_at }) => {
		const read = PracticeSummarySchema.safeParse(summary);
		return read.success ? [{ learner: learner_id, at: sent_at, summary: read.data }] : [];
	});
}

/** What a class finds hard, by all that was sent through its door. */
export const hardOf = async (teacher: Teacher, classId: string): Promise<HardIn> =>
	hardIn((await sentTo(teacher, 'classes', classId)).map((s) => s.summary));

export const eraseSent = async (teacher: Teacher, of: DoorOf, id: string, learner: string): Promise<boolean> =>
	(await rows(database(), sql.eraseSent(of), [teacher.id, id, learner])).length > 0;

/** All that came through a door. */
export const eraseAllSent = (teacher: Teacher, of: DoorOf, id: string): Promise<unknown> =>
	rows(database(), sql.eraseAllSent(of), [teacher.id, id]);

/** A new address for a door; the one before leads nowhere from then on. What came through it stays. */
export const renewDoor = async (teacher: Teacher, of: DoorOf, id: string): Promise<string | undefined> =>
	(await rows<{ token: string }>(database(), sql.renew(of), [teacher.id, id, newToken()]))[0]?.token;

/** All that somebody of these names sent to a class and to the lessons of its evenings. */
export const eraseSentAs = (
	teacher: Teacher,
	classId: string,
	names: readonly string[],
	on: Queryable,
): Promise<unknown> => rows(on, sql.ERASE_SENT_AS, [teacher.id, classId, names]);

export interface Behind {
	readonly title: string;
	/** Whose it is. */
	readonly by: string;
	readonly door: PracticeDoor;
	readonly crossings: readonly Crossing[];
	/** Those of the lesson just had: what is new begins with them. */
	readonly latest: readonly Crossing[];
}

/** What is behind a door: `closed` while it is, undefined where there is none, `unread` where it cannot be read. */
export async function readDoor(token: string): Promise<Behind | 'closed' | 'unread' | undefined> {
	if (!TokenSchema.safeParse(token).success) return undefined;
	interface DoorRow {
		readonly is_open: boolean;
		readonly document: unknown;
		readonly class_id: string | null;
		readonly teacher_id: string;
		readonly teacher: string;
		readonly lesson: unknown;
		readonly class: unknown;
	}
	const [row] = await rows<DoorRow>(database(), sql.READ, [token]);
	if (!row || (row.lesson === null && row.class === null)) return undefined;
	if (!row.is_open) return 'closed';
	const door = PracticeDoorSchema.safeParse(row.document);
	if (!door.success) return 'unread';
	const of = row.class === null ? undefined : ClassSchema.safeParse(row.class);
	const stored =
		row.class_id === null
			? [{ document: row.lesson }]
			: await rows<{ document: unknown }>(database(), sql.LESSONS_OF_CLASS, [row.class_id, row.teacher_id, LESSONS]);
	const lessons = stored.flatMap(({ document }): Lesson[] => {
		const read = LessonSchema.safeParse(document);
		return read.success ? [read.data] : [];
	});
	const title = of ? of.data?.title : lessons[0]?.title;
	if (title === undefined) return 'unread';
	return {
		title,
		by: row.teacher,
		door: door.data,
		crossings: crossingsOf(lessons.flatMap((l) => l.steps)),
		latest: crossingsOf(lessons[0]?.steps ?? []),
	};
}

export const LearnerSchema = z.object({ learner: z.uuid() });
export const SendSchema = LearnerSchema.extend({ summary: PracticeSummarySchema });

/** The part of a summary that this link can have given: its kinds of question, and its crossings in either hands. */
function ofThisDoor(summary: PracticeSummary, { door, crossings }: Behind): PracticeSummary {
	const kinds = new Set(chosenAmong(DRILLS, door.kinds).map((d) => d.id));
	const names = new Set(
		[...crossings, ...FIRST_CROSSINGS].flatMap((c) => [c, mirror(c)]).flatMap((c) => writtenIn('slash', c)?.text ?? []),
	);
	return {
		...summary,
		kinds: summary.kinds.filter(({ kind }) => kinds.has(kind)),
		crossings: summary.crossings.filter(({ name }) => names.has(name)),
	};
}

/** Whether somebody sent something through this door before. */
export const hasSent = async (token: string, learner: string): Promise<boolean> =>
	TokenSchema.safeParse(token).success && (await rows(database(), sql.HAS_SENT, [token, learner])).length > 0;

/** Keeps what a learner shows, in place of what they showed before. */
export async function sendSummary(
	token: string,
	learner: string,
	summary: PracticeSummary,
): Promise<'sent' | 'full' | 'closed' | 'none'> {
	const behind = await readDoor(token);
	if (behind === undefined || behind === 'unread') return 'none';
	if (behind === 'closed') return 'closed';
	const kept = ofThisDoor(summary, behind);
	if ((await rows(database(), sql.SEND, [token, learner, kept, DOOR_LIMITS.sent])).length > 0) return 'sent';
	const [row] = await rows<{ is_open: boolean }>(database(), sql.READ, [token]);
	return row ? (row.is_open ? 'full' : 'closed') : 'none';
}

/** Whether there is such a door; that there was nothing to erase is as good. */
export async function takeBack(token: string, learner: string): Promise<boolean> {
	if (!TokenSchema.safeParse(token).success) return false;
	await rows(database(), sql.TAKE_BACK, [token, learner]);
	return (await rows(database(), sql.READ, [token])).length > 0;
}

/** All doors and what came through them, as they are stored, for the account's file. */
export async function rawDoors(teacher: Teacher, on: Queryable): Promise<readonly object[]> {
	interface Door {
		readonly id: string;
		readonly lesson_id: string | null;
		readonly class_id: string | null;
		readonly token: string;
		readonly is_open: boolean;
		readonly document: unknown;
	}
	const doors = await rows<Door>(on, sql.ALL_OF_TEACHER.doors, [teacher.id]);
	const sent = await rows<{ door_id: string; summary: unknown; sent_at: Date }>(on, sql.ALL_OF_TEACHER.sent, [
		teacher.id,
	]);
	return doors.map(({ id, lesson_id, class_id, token, is_open, document }) => ({
		...(lesson_id === null ? { class: class_id } : { lesson: lesson_id }),
		token,
		isOpen: is_open,
		door: document,
		sent: sent
			.filter((s) => s.door_id === id)
			.map(({ summary, sent_at }) => ({ summary, sentAt: sent_at.toISOString() })),
	}));
}
