/** Signing up and in, passwords, and all that a teacher takes along or leaves. */

import { randomUUID } from 'node:crypto';
import type { Export } from '@pond-loop/core/schema';
import { database, rows, snapshot, transaction } from './database';
import { designsOf } from './designs';
import { allVersions, type KeptDocument } from './documents';
import { readHouseStyle } from './house-styles';
import { allLessons } from './lessons';
import { hashPassword, isPassword } from './passwords';
import { codesLeft, newCodes, useCode } from './recovery';
import { listSessions, replaceSessions } from './sessions';
import * as sql from './sql/teachers';
import { allShares } from './shares';
import { allSwatches } from './swatches';
import { readAccount, type Teacher } from './teachers';

export interface NewAccount {
	readonly name: string;
	/** Already lower case and trimmed. */
	readonly signInName: string;
	readonly password: string;
}

/** The new teacher and the recovery codes; undefined when the sign-in name is taken. */
export async function signUp({
	name,
	signInName,
	password,
}: NewAccount): Promise<{ teacher: Teacher; codes: string[] } | undefined> {
	const hash = await hashPassword(password);
	return transaction(async (on) => {
		const [teacher] = await rows<{ id: string; name: string }>(on, sql.SIGN_UP, [randomUUID(), name, signInName, hash]);
		return teacher && { teacher, codes: await newCodes(teacher, on) };
	});
}

async function bySignInName(
	signInName: string,
): Promise<{ teacher: Teacher; passwordHash: string | null } | undefined> {
	const [row] = await rows<{ id: string; name: string; password_hash: string | null }>(
		database(),
		sql.BY_SIGN_IN_NAME,
		[signInName],
	);
	return row && { teacher: { id: row.id, name: row.name }, passwordHash: row.password_hash };
}

/** The teacher whose name and password these are; undefined says only that they are not. */
export async function signIn(signInName: string, password: string): Promise<Teacher | undefined> {
	const found = await bySignInName(signInName);
	return (await isPassword(password, found?.passwordHash)) ? found?.teacher : undefined;
}

export async function hasPassword(teacher: Teacher, password: string): Promise<boolean> {
	const [row] = await rows<{ password_hash: string | null }>(database(), sql.PASSWORD, [teacher.id]);
	return isPassword(password, row?.password_hash);
}

/** Sets a new password and ends every session; gives the token of a new one for this browser. */
export async function changePassword(teacher: Teacher, password: string, browser: string): Promise<string> {
	const hash = await hashPassword(password);
	return transaction(async (on) => {
		await on.query(sql.SET_PASSWORD, [teacher.id, hash]);
		return replaceSessions(teacher, browser, on);
	});
}

export interface Recovered {
	readonly teacher: Teacher;
	readonly token: string;
	readonly codesLeft: number;
}

/** A forgotten password: one code, once, sets a new one and ends every other session. */
export async function recover(
	signInName: string,
	code: string,
	password: string,
	browser: string,
): Promise<Recovered | undefined> {
	const found = await bySignInName(signInName);
	if (!found) return undefined;
	const { teacher } = found;
	const hash = await hashPassword(password);
	// The code is only used up when the password is set with it.
	return transaction(async (on) => {
		if (!(await useCode(teacher, code, on))) return undefined;
		await on.query(sql.SET_PASSWORD, [teacher.id, hash]);
		return { teacher, token: await replaceSessions(teacher, browser, on), codesLeft: await codesLeft(teacher, on) };
	});
}

export const renewCodes = (teacher: Teacher): Promise<string[]> => transaction((on) => newCodes(teacher, on));

/** When something was made, changed and removed, as it stands in a file. */
const asKept = ({ id, version, createdAt, updatedAt, removedAt }: Omit<KeptDocument<unknown>, 'value'>) => ({
	id,
	version,
	createdAt: createdAt.toISOString(),
	updatedAt: updatedAt.toISOString(),
	removedAt: removedAt?.toISOString() ?? null,
});

/** Everything of one teacher, as it stands at one moment. */
export async function exportAll(teacher: Teacher, at: Date): Promise<Export> {
	return snapshot(async (on) => {
		const account = await readAccount(teacher.id, on);
		if (!account) throw new Error('An account that is gone cannot be exported.');
		const style = await readHouseStyle(teacher, on);
		const lessons = await allLessons(teacher, on);
		const swatches = await allSwatches(teacher, on);
		const versions = await allVersions(teacher, on);
		const shares = await allShares(teacher, on);
		const sessions = await listSessions(teacher, on);
		return {
			format: 'pond-loop/export',
			version: 1,
			exportedAt: at.toISOString(),
			teacher: { name: account.name, signInName: account.signInName, since: account.since.toISOString() },
			houseStyle: style?.style ?? null,
			lessons: lessons.map(({ lesson, ...row }) => ({ ...asKept(row), lesson })),
			swatches: swatches.map(({ swatch, place, ...row }) => ({ ...asKept(row), swatch, place })),
			versions: versions.map((v) => ({ ...v, savedAt: v.savedAt.toISOString() })),
			designs: [...(await designsOf(teacher, on))],
			shares: shares.map((s) => ({ ...s, madeAt: s.madeAt.toISOString() })),
			sessions: sessions.map((s) => ({
				browser: s.browser,
				startedAt: s.startedAt.toISOString(),
				seenAt: s.seenAt.toISOString(),
			})),
			recoveryCodesLeft: await codesLeft(teacher, on),
		};
	});
}
