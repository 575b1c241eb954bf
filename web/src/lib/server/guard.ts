/** What anybody may see; everything else asks who is there. */

import { error, type RequestEvent } from '@sveltejs/kit';
import { PICTURE_LIMITS } from './pictures';
import type { Teacher } from './teachers';

/** A route that is not named here is closed, so a new one is closed until somebody opens it. */
export const OPEN_ROUTES: ReadonlySet<string> = new Set([
	'/',
	'/crossings',
	'/crossings/crafts',
	'/crossings/design',
	'/stage',
	'/stage/own',
	'/stage/turn',
	'/practice',
	'/practice/[token]',
	'/practice/[token]/sent',
	'/shared/[token]',
	'/shared/[token]/pictures/[id]',
	'/sign-in',
	'/sign-up',
	'/recover',
	'/health',
	'/health/ready',
	'/who',
]);

/** An address that is none is shown as such to anybody. */
export const isOpen = (routeId: string | null): boolean => routeId === null || OPEN_ROUTES.has(routeId);

export const signedOut = 'You are signed out. What you typed is still in this page: sign in again and it goes on.';

/** The teacher of a closed route. */
export function teacherOf(locals: App.Locals): Teacher {
	if (!locals.session) error(401, signedOut);
	return locals.session.teacher;
}

/** Another site's page must not act for a teacher: browsers say where a request comes from, and it must be here. */
export function isForeign({ request, url }: Pick<RequestEvent, 'request' | 'url'>): boolean {
	if (request.method === 'GET' || request.method === 'HEAD' || request.method === 'OPTIONS') return false;
	const origin = request.headers.get('origin');
	if (origin !== null) return origin !== url.origin;
	const site = request.headers.get('sec-fetch-site');
	return site !== null && site !== 'same-origin' && site !== 'none';
}

const MOST_BYTES = 64 * 1024;
/** A swatch at its limits, in the longest letters. */
const SWATCH_BYTES = 256 * 1024;
/** What some addresses take; a lesson at all of its limits is under eight megabytes, in the longest letters. */
const BYTES: Readonly<Record<string, number>> = {
	'/api/lessons/[id]': 8 * 1024 * 1024,
	'/api/lessons': SWATCH_BYTES,
	'/api/lessons/[id]/steps': SWATCH_BYTES,
	'/api/classes/file': 64 * 1024 * 1024,
	'/api/classes/[id]': SWATCH_BYTES,
	'/api/evenings/[id]/presses': SWATCH_BYTES,
	'/api/swatches': SWATCH_BYTES,
	'/api/swatches/[id]': SWATCH_BYTES,
	'/swatches/new': SWATCH_BYTES,
	'/api/unread/[kind]/[id]': 8 * 1024 * 1024,
	'/api/pictures': PICTURE_LIMITS.sent,
	'/api/bring-back': 64 * 1024 * 1024,
};

const bytesFor = (routeId: string | null): number => BYTES[routeId ?? ''] ?? MOST_BYTES;

/**
 * The request with its body read, counted as it comes: a sender need not say beforehand how much it is.
 * Undefined when that is too much.
 */
export async function wholeRequest({
	request,
	route,
}: Pick<RequestEvent, 'request' | 'route'>): Promise<Request | undefined> {
	if (!request.body) return request;
	const most = bytesFor(route.id);
	const chunks: Uint8Array[] = [];
	let size = 0;
	for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
		size += chunk.length;
		// Read on, or the connection breaks before the answer is heard; but keep none of it.
		if (size <= most) chunks.push(chunk);
	}
	if (size > most) return undefined;
	return new Request(request.url, { method: request.method, headers: request.headers, body: Buffer.concat(chunks) });
}

/** Where to go after signing in: a place of our own, or the start. */
export function placeAfter(url: URL): string {
	const to = url.searchParams.get('to') ?? '/';
	const there = URL.canParse(to, url.origin) ? new URL(to, url.origin) : undefined;
	if (there?.origin !== url.origin) return '/';
	const place = there.pathname + there.search;
	// What begins with two strokes is read as another site's name.
	return /^\/[/\\]/.test(place) ? '/' : place;
}
