import { redirect, type Handle, type HandleServerError, type RequestEvent } from '@sveltejs/kit';
import { sequence } from '@sveltejs/kit/hooks';
import { render } from 'svelte/server';
import { config } from '$lib/server/config';
import { dev } from '$app/environment';
import { markDevice } from '$lib/server/device-cookie';
import { closeDatabase, isAway } from '$lib/server/database';
import { away, failureOf } from '$lib/server/failures';
import { isForeign, isOpen, signedOut, wholeRequest } from '$lib/server/guard';
import { secure } from '$lib/server/headers';
import { log } from '$lib/server/log';
import { keyOf, madeOnce } from '$lib/server/remembered';
import { refuse, wantsJson } from '$lib/server/refuse';
import { dropToken, tokenOf } from '$lib/server/session-cookie';
import { readSession } from '$lib/server/sessions';
import { setRenderer } from '$lib/ui/lazy/lazy-part';
import { localeFrom } from '$lib/ui/locale';
import { isLightChosen, LIGHT_COOKIE, lightFrom } from '$lib/ui/light';

setRenderer(render);

// The server stops taking requests and ends those that run; then nothing needs the database any more.
process.once('sveltekit:shutdown', () => void closeDatabase());

const foreign = 'This came from another site and was not done. Open Pond Loop itself and try again.';
const tooLong = 'That is too much at once. Make it shorter and send it again.';

/** Who holds a link is let in by it, so it is named by its kind only; and what is no route may be anything. */
const pathOf = ({ route, url }: Pick<RequestEvent, 'route' | 'url'>): string =>
	route.id === null || /^\/(shared|practice)\/\[token\]/.test(route.id) ? (route.id ?? '(none)') : url.pathname;

/** One line for each request. A name of a crossing may stand in a query, so the query is left out. */
const logged: Handle = async ({ event, resolve }) => {
	event.locals.request = crypto.randomUUID();
	const start = performance.now();
	let response = await resolve(event);
	const { failure } = event.locals;
	// The router answers every failure with 500; what it is for whoever asked is known better here.
	if (failure && response.status === 500) {
		response = new Response(response.body, { status: failure.status, headers: response.headers });
	}
	markDevice(event, response);
	// The front lets teachers take turns, so it is told who this was.
	if (config().POND_LOOP_FRONT) response.headers.set('x-pond-teacher', event.locals.session?.teacher.id ?? 'none');
	const line = {
		request: event.locals.request,
		method: event.request.method,
		path: pathOf(event),
		status: response.status,
		ms: Math.round((performance.now() - start) * 10) / 10,
	};
	if (event.route.id?.startsWith('/health')) log().debug(line, 'request');
	else log().info(line, 'request');
	return response;
};

/** Pages that are the same for everybody who has not signed in, apart from their own few choices. */
const KEPT: ReadonlySet<string> = new Set([
	'/',
	'/crossings',
	'/crossings/crafts',
	'/crossings/design',
	'/stage',
	'/stage/own',
	'/stage/turn',
]);

/** What answers a form may hold what is shown once, such as recovery codes; nor is a door kept. */
const mayKeep = ({ request, route }: Pick<RequestEvent, 'request' | 'route'>): boolean =>
	request.method === 'GET' && !/^\/(sign-in|sign-up|recover)/.test(route.id ?? '');

const secured: Handle = async ({ event, resolve }) => {
	event.locals.locale = localeFrom(event.request.headers.get('accept-language'));
	const light = event.cookies.get(LIGHT_COOKIE);
	event.locals.light = lightFrom(light);
	event.locals.isLightChosen = isLightChosen(light);
	const scripts: string[] = [];
	const response = await resolve(event, {
		// Scripts are named in the page instead of in its head, where the browser's side can read which there are.
		preload: ({ type, path }) => {
			if (type === 'js') scripts.push(path);
			return type === 'css';
		},
		transformPageChunk: ({ html }) =>
			html
				.replace('%light%', event.locals.light)
				// What is seen, styles and fonts, comes before them: the page stands there without a script.
				.replace(
					'%scripts%',
					scripts.map((path) => `<link rel="modulepreload" fetchpriority="low" href="${path}" />`).join(''),
				),
	});
	return secure(response, {
		https: event.url.protocol === 'https:',
		personal: event.locals.session !== undefined || !isOpen(event.route.id) || !mayKeep(event),
		kept: response.status === 200 && event.request.method === 'GET' && KEPT.has(event.route.id ?? ''),
	});
};

/** The one place that says who is signed in, and what is closed to those who are not. */
const guarded: Handle = async ({ event, resolve }) => {
	if (isForeign(event)) return refuse(event, 403, foreign);
	const whole = await wholeRequest(event).catch(() => undefined);
	if (!whole) return refuse(event, 413, tooLong);
	event.request = whole;
	const token = tokenOf(event);
	// Health tells of the process; it must answer while the database is away.
	if (token !== undefined && !event.route.id?.startsWith('/health')) {
		try {
			event.locals.session = await readSession(token);
		} catch (cause) {
			if (!isAway(cause)) throw cause;
			log().warn({ request: event.locals.request, err: cause }, 'database away');
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

/** Pages of which nothing has changed since they were made are not made again. */
const remembered: Handle = async ({ event, resolve }) => {
	let key: string | undefined;
	try {
		key = await keyOf(event);
	} catch (cause) {
		// What is wrong with the database, the page itself says in its words.
		if (!isAway(cause)) throw cause;
	}
	// While sources are edited a page is made each time, as what makes it may have changed.
	if (key === undefined || dev) return resolve(event);
	return madeOnce(key, async () => resolve(event));
};

export const handle: Handle = sequence(logged, secured, guarded, remembered);

const WORDS: Readonly<Record<number, string>> = {
	404: 'There is no page at this address.',
	405: 'That cannot be done at this address.',
	413: tooLong,
};

export const handleError: HandleServerError = ({ error: cause, event, status, message }) => {
	const { request } = event.locals;
	if (status < 500) return { message: WORDS[status] ?? message, request };
	const failure = failureOf(cause);
	event.locals.failure = failure;
	if (!failure.isQuiet) log().error({ request, path: pathOf(event), err: cause }, 'failed');
	return { message: failure.message, request };
};
