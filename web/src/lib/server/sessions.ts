/**
 * Who is signed in where. A session is a random token in the browser and its hash in the database.
 * It ends two weeks after it was last used, and after three months in any case.
 */

import { type HouseStyle, HouseStyleSchema } from '@pond-loop/core/schema';
import { database, rows, type Queryable } from './database';
import { hashed, newToken } from './secrets';
import * as sql from './sql/sessions';
import type { Teacher } from './teachers';

export const IDLE_DAYS = 14;
const IDLE = `${IDLE_DAYS} days`;
const WHOLE_LIFE = '90 days';
/** Reading a page does not write each time. */
const TOUCH_AFTER = '10 minutes';

/** What a request knows of the one who sent it. */
export interface Session {
	readonly id: string;
	readonly teacher: Teacher;
	/** Undefined while the teacher has not chosen one. */
	readonly style: HouseStyle | undefined;
	/** It is stored and cannot be read, so that the usual one stands in for it. */
	readonly styleUnread: boolean;
	readonly styleVersion: number;
}

/** Starts a session and gives its token, which is known to nobody else. */
export async function startSession(teacher: Teacher, browser: string, on: Queryable = database()): Promise<string> {
	const token = newToken();
	await on.query(sql.CLEAR_EXPIRED);
	await on.query(sql.INSERT, [teacher.id, hashed(token), browser.slice(0, 120), IDLE]);
	return token;
}

export async function readSession(token: string): Promise<Session | undefined> {
	const [row] = await rows<{
		id: string;
		teacher_id: string;
		stale: boolean;
		name: string;
		style: unknown;
		style_version: number;
	}>(database(), sql.BY_TOKEN, [hashed(token), TOUCH_AFTER]);
	if (!row) return undefined;
	const teacher = { id: row.teacher_id, name: row.name };
	// One that cannot be read must not close the whole house.
	const style = HouseStyleSchema.safeParse(row.style);
	if (row.stale) await database().query(sql.TOUCH, [teacher.id, row.id, IDLE, WHOLE_LIFE]);
	return {
		id: row.id,
		teacher,
		style: row.style === null ? undefined : style.data,
		styleUnread: row.style !== null && !style.success,
		styleVersion: row.style_version,
	};
}

export interface ListedSession {
	readonly id: string;
	readonly browser: string;
	readonly startedAt: Date;
	readonly seenAt: Date;
}

export async function listSessions(teacher: Teacher, on: Queryable = database()): Promise<ListedSession[]> {
	const found = await rows<{ id: string; browser: string; started_at: Date; seen_at: Date }>(on, sql.LIST, [
		teacher.id,
	]);
	return found.map(({ id, browser, started_at, seen_at }) => ({
		id,
		browser,
		startedAt: started_at,
		seenAt: seen_at,
	}));
}

/** Ends one session of this teacher; another's is left alone. */
export async function endSession(teacher: Teacher, id: string): Promise<boolean> {
	return ((await database().query(sql.END, [teacher.id, id])).rowCount ?? 0) > 0;
}

/** Ends every session but the one given; all of them when none is. */
export async function endOtherSessions(
	teacher: Teacher,
	kept: string | undefined,
	on: Queryable = database(),
): Promise<void> {
	await on.query(sql.END_OTHERS, [teacher.id, kept ?? null]);
}

/** All but so many sessions of a teacher end, those not seen for longest first. */
export async function sweepSessions(teacher: Teacher, most: number): Promise<void> {
	await database().query(sql.SWEEP, [teacher.id, most]);
}

/** A new token for this browser, and no other one any more: when the password was changed. */
export async function replaceSessions(teacher: Teacher, browser: string, on: Queryable): Promise<string> {
	await endOtherSessions(teacher, undefined, on);
	return startSession(teacher, browser, on);
}
