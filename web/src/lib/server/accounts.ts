/** Signing up and in, passwords, and all that a teacher takes along or leaves. */

import { randomUUID } from 'node:crypto';
import type { Export } from '@pond-loop/core/document';
import { database, openSnapshot, rows, transaction } from './database';
import { rawClasses } from './classes';
import { rawDesigns } from './designs';
import { versionsOneByOne, type KeptDocument } from './documents';
import { rawHouseStyle } from './house-styles';
import { lessonsOneByOne } from './lessons';
import { hashPassword, isPassword } from './passwords';
import { codesLeft, newCodes, useCode } from './recovery';
import { listSessions, replaceSessions } from './sessions';
import * as sql from './sql/teachers';
import { picturesOneByOne } from './pictures';
import { rawDoors } from './practice-doors';
import { allShares } from './shares';
import { placesOf, swatchesOneByOne } from './swatches';
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
	// Hashed first, so that the time does not tell which names exist.
	const hash = await hashPassword(password);
	if (!found) return undefined;
	const { teacher } = found;
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

/**
 * Everything of one teacher as a file, as it stands at one moment, in pieces: no more than one document is
 * held at a time. Documents are given out as they are stored, readable or not. Throws when the account is gone.
 */
export async function* exportOf(teacher: Teacher, at: Date): AsyncGenerator<string> {
	const on = await openSnapshot();
	try {
		const account = await readAccount(teacher.id, on.query);
		if (!account) throw new Error('An account that is gone cannot be exported.');
		const head: Pick<Export, 'format' | 'version' | 'exportedAt' | 'teacher'> = {
			format: 'pond-loop/export',
			version: 1,
			exportedAt: at.toISOString(),
			teacher: { name: account.name, signInName: account.signInName, since: account.since.toISOString() },
		};
		yield JSON.stringify(head).slice(0, -1);
		yield `,\n"houseStyle":${JSON.stringify(await rawHouseStyle(teacher, on.query))}`;
		yield* list('lessons', lessonsOneByOne(teacher, on.query), ({ value, ...row }) => ({
			...asKept(row),
			lesson: value,
		}));
		const places = await placesOf(teacher, on.query);
		yield* list('swatches', swatchesOneByOne(teacher, on.query), ({ value, ...row }) => ({
			...asKept(row),
			swatch: value,
			place: places.get(row.id) ?? 0,
		}));
		yield* list('versions', versionsOneByOne(teacher, on.query), (v) => ({ ...v, savedAt: v.savedAt.toISOString() }));
		yield `,\n"designs":${JSON.stringify(await rawDesigns(teacher, on.query))}`;
		yield `,\n"classes":${JSON.stringify(await rawClasses(teacher, on.query))}`;
		yield* list('pictures', picturesOneByOne(teacher, on.query), ({ id, jpeg }) => ({
			id,
			jpeg: jpeg.toString('base64'),
		}));
		const shares = await allShares(teacher, on.query);
		yield `,\n"shares":${JSON.stringify(shares.map((s) => ({ ...s, madeAt: s.madeAt.toISOString() })))}`;
		yield `,\n"practice":${JSON.stringify(await rawDoors(teacher, on.query))}`;
		const sessions = await listSessions(teacher, on.query);
		yield `,\n"sessions":${JSON.stringify(
			sessions.map((s) => ({
				browser: s.browser,
				startedAt: s.startedAt.toISOString(),
				seenAt: s.seenAt.toISOString(),
			})),
		)}`;
		yield `,\n"recoveryCodesLeft":${await codesLeft(teacher, on.query)}}\n`;
	} finally {
		await on.close();
	}
}

/** A list in a file, one entry a line. */
async function* list<T>(name: string, all: AsyncIterable<T>, as: (one: T) => unknown): AsyncGenerator<string> {
	yield `,\n"${name}":[`;
	let first = true;
	for await (const one of all) {
		yield `${first ? '' : ','}\n${JSON.stringify(as(one))}`;
		first = false;
	}
	yield ']';
}
