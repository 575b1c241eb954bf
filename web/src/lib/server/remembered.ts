/**
 * Pages that were made before. A page that thirty phones open at once, or one teacher again and again, is
 * made once for as long as everything that stands in it is the same; each answer still names its scripts by
 * a number of its own. Every thread remembers for itself; nothing outlives the process.
 */

import { randomBytes } from 'node:crypto';
import type { RequestEvent } from '@sveltejs/kit';
import { LRUCache } from 'lru-cache';
import { SCHOOL_COOKIE } from '$lib/choices/address';
import { schoolFrom } from '$lib/choices/choices';
import { isDemo } from './config';
import { database, rows } from './database';
import { isId } from './requests';
import { lessonTitles } from './lessons';
import { shareOf } from './shares';
import type { Teacher } from './teachers';
import * as sql from './sql/remembered';

interface Page {
	/** The text around the number. */
	readonly parts: readonly string[];
	readonly headers: readonly (readonly [string, string])[];
	readonly policy: readonly string[];
}

const MOST_BYTES = 40 * 1024 * 1024;
const pages = new LRUCache<string, Page>({
	max: 1000,
	maxSize: MOST_BYTES,
	sizeCalculation: ({ parts }) => 2 * parts.reduce((sum, p) => sum + p.length, 1),
});

const POLICY = 'content-security-policy';

/**
 * Milliseconds for which is known what stands behind a link. A class that opens it at once asks the database once; a link
 * that is withdrawn may be read for as long.
 */
const KNOWN_MS = 100;
const behind = (statement: string): ((token: string) => Promise<object | undefined>) => {
	const known = new LRUCache<string, { readonly row: object | undefined }>({
		max: 500,
		ttl: KNOWN_MS,
		ttlResolution: 0,
		fetchMethod: async (token) => ({ row: (await rows<object>(database(), statement, [token]))[0] }),
	});
	return async (token) => (await known.fetch(token))?.row;
};
const shared = behind(sql.SHARED);
const door = behind(sql.DOOR);

/** A teacher's own crossings: names that they read, and what they are. */
const designs = async (teacher: Teacher): Promise<unknown> =>
	(await rows<{ designs: string | null }>(database(), sql.DESIGNS, [teacher.id]))[0]?.designs;

/** What each of these pages hangs on besides its address and whoever asks; undefined when it is not there at all. */
const HANGS_ON: Readonly<Record<string, (event: RequestEvent) => Promise<unknown>>> = {
	'/stage': async ({ locals: { session } }) =>
		session ? [await lessonTitles(session.teacher), await designs(session.teacher)] : [],
	'/shared/[token]': ({ params }) => shared(params['token'] ?? ''),
	'/practice/[token]': ({ params }) => door(params['token'] ?? ''),
	'/lessons/[id]': async ({ params, locals: { session } }) => {
		const id = params['id'] ?? '';
		if (!session || !isId(id)) return undefined;
		const [lesson] = await rows<object>(database(), sql.LESSON, [session.teacher.id, id]);
		if (!lesson) return undefined;
		return [
			lesson,
			await lessonTitles(session.teacher),
			await shareOf(session.teacher, id),
			await designs(session.teacher),
		];
	},
};

/** All that a page shows, in one text; undefined for pages that are made anew each time. */
export async function keyOf(event: RequestEvent): Promise<string | undefined> {
	const { route, request, url, locals, cookies, isDataRequest } = event;
	const hangsOn = request.method === 'GET' && !isDataRequest ? HANGS_ON[route.id ?? ''] : undefined;
	const on = await hangsOn?.(event);
	if (on === undefined) return undefined;
	const { session, light, locale } = locals;
	const who = session
		? [session.teacher.id, session.teacher.name, session.styleVersion, session.styleUnread]
		: [schoolFrom(cookies.get(SCHOOL_COOKIE))];
	return JSON.stringify([url.pathname, url.search, light, locale, isDemo(), who, on]);
}

/** Pages that are being made: whoever asks for the same meanwhile waits for that instead of making it as well. */
const making = new Map<string, Promise<unknown>>();

/** The page of that key, as it was made before or is made now. */
export async function madeOnce(key: string, make: () => Promise<Response>): Promise<Response> {
	const known = again(key);
	if (known) return known;
	const before = making.get(key);
	if (before) {
		await before.catch(() => undefined);
		const now = again(key);
		if (now) return now;
	}
	const made = make().then((response) => remember(key, response));
	making.set(key, made);
	try {
		return await made;
	} finally {
		if (making.get(key) === made) making.delete(key);
	}
}

/** The page of that key, with a number of its own; undefined when it was not made yet. */
function again(key: string): Response | undefined {
	const known = pages.get(key);
	if (!known) return undefined;
	const nonce = randomBytes(16).toString('base64');
	const headers = new Headers(known.headers.map(([name, value]): [string, string] => [name, value]));
	headers.set(POLICY, known.policy.join(nonce));
	return new Response(known.parts.join(nonce), { headers });
}

/** Keeps a page that was just made, and gives it back. */
async function remember(key: string, response: Response): Promise<Response> {
	const policy = response.headers.get(POLICY);
	const nonce = /'nonce-([^']{16,})'/.exec(policy ?? '')?.[1];
	const isPage = response.headers.get('content-type')?.startsWith('text/html');
	if (response.status !== 200 || !isPage || !policy || !nonce || response.headers.has('set-cookie')) return response;
	const html = await response.text();
	const headers = [...response.headers].filter(([name]) => ![POLICY, 'etag', 'content-length'].includes(name));
	pages.set(key, { parts: html.split(nonce), headers, policy: policy.split(nonce) });
	return new Response(html, { headers: [...headers, [POLICY, policy]] });
}
