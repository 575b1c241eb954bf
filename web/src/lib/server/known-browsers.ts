/**
 * Browsers in which a teacher has signed in before. Guessing at a name slows strangers down; a browser
 * that was let in once shows its token and is counted by itself. The token opens nothing.
 */

import type { Cookies } from '@sveltejs/kit';
import { database, rows, transaction } from './database';
import { hashed, newToken } from './secrets';
import * as sql from './sql/known-browsers';
import type { Teacher } from './teachers';

const YEAR = 365 * 24 * 60 * 60;
const MOST = 20;

interface BrowserRequest {
	readonly cookies: Cookies;
	readonly url: URL;
}

const isSecure = (url: URL): boolean => url.protocol === 'https:';
const nameFor = (url: URL): string => (isSecure(url) ? '__Host-pond-known' : 'pond-known');

/** The token of this browser when it was given to the teacher of this name; else undefined. */
export async function knownFor({ cookies, url }: BrowserRequest, signInName: string): Promise<string | undefined> {
	const token = cookies.get(nameFor(url));
	if (!token || token.length > 100) return undefined;
	const [known] = await rows(database(), sql.KNOWS, [hashed(token), signInName]);
	return known && token;
}

/** From now on this browser is known to be this teacher's. */
export async function makeKnown({ cookies, url }: BrowserRequest, teacher: Teacher): Promise<void> {
	const token = newToken();
	await transaction(async (on) => {
		await on.query(sql.ADD, [hashed(token), teacher.id]);
		await on.query(sql.KEEP_NEWEST, [teacher.id, MOST]);
	});
	cookies.set(nameFor(url), token, { path: '/', httpOnly: true, sameSite: 'lax', secure: isSecure(url), maxAge: YEAR });
}
