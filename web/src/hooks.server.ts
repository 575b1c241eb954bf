import { redirect, type Handle, type HandleServerError } from '@sveltejs/kit';
import { sequence } from '@sveltejs/kit/hooks';
import { config } from '$lib/server/config';
import { closeDatabase, isAway } from '$lib/server/database';
import { isForeign, isOpen, isTooLong, signedOut } from '$lib/server/guard';
import { secure } from '$lib/server/headers';
import { log } from '$lib/server/log';
import { refuse, wantsJson } from '$lib/server/refuse';
import { dropToken, tokenOf } from '$lib/server/session-cookie';
import { readSession } from '$lib/server/sessions';
import { LIGHT_COOKIE, lightFrom } from '$lib/ui/light';

// The server stops taking requests and ends those that run; then nothing needs the database any more.
process.once('sveltekit:shutdown', () => void closeDatabase());

const foreign = 'This came from another site and was not done. Open Pond Loop itself and try again.';
const tooLong = 'That is too much at once. Make it shorter and send it again.';
const away = 'The database does not answer. Nothing that was saved is lost; try again in a moment.';

/** One line for each request. A name of a crossing may stand in a query, so the query is left out; and who holds a link is let in by it, so it is named by its kind only. */
const logged: Handle = async ({ event, resolve }) => {
	event.locals.request = crypto.randomUUID();
	const start = performance.now();
	const response = await resolve(event);
	// The front lets teachers take turns, so it is told who this was.
	if (config().POND_LOOP_FRONT) response.headers.set('x-pond-teacher', event.locals.session?.teacher.id ?? 'none');
	const line = {
		request: event.locals.request,
		method: event.request.method,
		path: event.route.id === '/shared/[token]' ? event.route.id : event.url.pathname,
		status: response.status,
		ms: Math.round((performance.now() - start) * 10) / 10,
	};
	if (event.route.id?.startsWith('/health')) log().debug(line, 'request');
	else log().info(line, 'request');
	return response;
};

const secured: Handle = async ({ event, resolve }) => {
	event.locals.light = lightFrom(event.cookies.get(LIGHT_COOKIE));
	const response = await resolve(event, {
		transformPageChunk: ({ html }) => html.replace('%light%', event.locals.light),
	});
	return secure(response, {
		https: event.url.protocol === 'https:',
		personal: event.locals.session !== undefined || !isOpen(event.route.id),
	});
};

/** The one place that says who is signed in, and what is closed to those who are not. */
const guarded: Handle = async ({ event, resolve }) => {
	if (isForeign(event)) return refuse(event, 403, foreign);
	if (isTooLong(event)) {
		// Read to its end, or the connection breaks before the answer is heard.
		await event.request.arrayBuffer().catch(() => undefined);
		return refuse(event, 413, tooLong);
	}
	const token = tokenOf(event);
	// Health tells of the process; it must answer while the database is away.
	if (token !== undefined && !event.route.id?.startsWith('/health')) {
		try {
			event.locals.session = await readSession(token);
		} catch (cause) {
			if (!isAway(cause)) throw cause;
			log().warn({ request: event.locals.request, reason: String(cause) }, 'database away');
			return refuse(event, 503, away);
		}
		if (!event.locals.session) dropToken(event);
	}
	if (event.locals.session || isOpen(event.route.id)) return resolve(event);
	const place = `/sign-in?to=${encodeURIComponent(event.url.pathname + event.url.search)}`;
	if (event.isDataRequest) redirect(303, place);
	if (wantsJson(event)) return refuse(event, 401, signedOut);
	return new Response(null, { status: 303, headers: { location: place } });
};

export const handle: Handle = sequence(logged, secured, guarded);

const WORDS: Readonly<Record<number, string>> = {
	404: 'There is no page at this address.',
	405: 'That cannot be done at this address.',
	413: tooLong,
};

export const handleError: HandleServerError = ({ error: cause, event, status, message }) => {
	const { request } = event.locals;
	if (status < 500) return { message: WORDS[status] ?? message, request };
	log().error({ request, path: event.url.pathname, err: cause }, 'failed');
	return {
		message: isAway(cause)
			? away
			: 'Something went wrong on our side. What you wrote is still in this page; try again in a moment.',
		request,
	};
};
