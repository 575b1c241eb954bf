/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />

/**
 * What a browser keeps so that a session goes on without a network: the app's own files, and the pages of a session,
 * of rows, of a lesson on show or behind a link, of practice and of the stage as they were when they were last seen.
 *
 * A page comes from the network first. What is kept is shown where the network does not answer, or where a proxy answers
 * for a server that is away. Each page is kept with the version of the app that made it, and the files of that version
 * stay as long as one of its pages does: an update never takes a page away before the new one is there whole.
 */

import { build, files, version } from '$service-worker';

const self = globalThis.self as unknown as ServiceWorkerGlobalScope;
const APP_PREFIX = 'app-';
const APP = `${APP_PREFIX}${version}`;
/** Pages of one teacher; emptied when somebody signs in or out. */
const PAGES = 'pages';

/** Pages that are wanted where there may be no network. */
const KEPT = /^\/($|stage|practice|shared\/|evenings\/|lessons\/[^/]+\/show|swatches\/[^/]+\/needles|classes)/;
/** Forms by which somebody comes or goes. */
const COMES_OR_GOES = /^\/(sign-in|sign-up|sign-out|recover|account|who)/;
/** Answers by which a page is there no more, or not for whoever asks. */
const GONE: ReadonlySet<number> = new Set([401, 403, 404, 410]);
/** Answers of a server that is away or has too much to do, or of a proxy in front of it. */
const isAway = (status: number): boolean => status === 429 || status >= 500;
/** Milliseconds after which what is kept is shown, where there is something: a network may hang. */
const PATIENCE = 4000;
/** Milliseconds for which a page is not kept again when one moves about inside the app. */
const FRESH = 5 * 60_000;
/** Headers of a kept page: the version of its app, and when it was kept. */
const BY_APP = 'x-pond-app';
const KEPT_AT = 'x-pond-kept-at';

self.addEventListener('install', (event) => {
	event.waitUntil(
		caches.open(APP).then((cache) => cache.addAll([...build, ...files.filter((f) => !f.includes('preview'))])),
	);
});

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('message', (event) => {
	const said: unknown = event.data;
	if (said === 'take-it') void self.skipWaiting();
	else if (said === 'forget-pages') event.waitUntil(caches.delete(PAGES));
	else if (said instanceof Object && 'keep' in said && typeof said.keep === 'string') {
		const url = new URL(said.keep, location.origin);
		event.waitUntil(keepUnlessFresh(url).then(renew).then(dropOldApps));
	}
});

self.addEventListener('fetch', (event) => {
	const url = new URL(event.request.url);
	if (url.origin !== location.origin) return;
	if (event.request.method !== 'GET') {
		if (COMES_OR_GOES.test(url.pathname)) event.waitUntil(caches.delete(PAGES));
		return;
	}
	if (url.pathname.startsWith('/_app/immutable/') || build.includes(url.pathname) || files.includes(url.pathname)) {
		event.respondWith(appFile(event.request, url.pathname));
		return;
	}
	const page = pageOf(url);
	if (!KEPT.test(page.pathname)) return;
	event.respondWith(networkFirst(event.request, url));
	// Moving inside the app asks for data alone: the page is kept beside it, so that it can be reloaded without a network.
	if (page.href !== url.href) event.waitUntil(keepUnlessFresh(page));
});

/** A file of this version, else of an older one that still has pages. */
async function appFile(request: Request, path: string): Promise<Response> {
	return (await caches.match(path, { cacheName: APP })) ?? (await caches.match(path)) ?? fetch(request);
}

/** The page that data belongs to; a page itself as it is. */
function pageOf(url: URL): URL {
	const page = new URL(url);
	page.pathname = url.pathname.replace(/\/?__data\.json$/, '') || '/';
	for (const name of [...page.searchParams.keys()]) if (name.startsWith('x-sveltekit')) page.searchParams.delete(name);
	return page.pathname === url.pathname ? url : page;
}

/** Keeps an answer with the version of its app. What sends elsewhere, such as to sign in, is not this page. */
async function keep(url: string, response: Response): Promise<void> {
	const pages = await caches.open(PAGES);
	if (isSignIn(response)) {
		// The session has ended: none of its pages is to be opened from here.
		await caches.delete(PAGES);
		return;
	}
	if (GONE.has(response.status)) {
		await pages.delete(url);
		return;
	}
	if (!response.ok || response.redirected || response.type !== 'basic') return;
	const body = await response.blob();
	if (body.type.includes('json') && body.size < 2000) {
		const text = await body.text();
		if (text.startsWith('{"type":"redirect"')) {
			if (text.includes('/sign-in')) await caches.delete(PAGES);
			return;
		}
	}
	const headers = new Headers(response.headers);
	headers.set(BY_APP, version);
	headers.set(KEPT_AT, String(Date.now()));
	await pages.put(url, new Response(body, { status: response.status, statusText: response.statusText, headers }));
}

const isSignIn = (response: Response): boolean =>
	response.redirected && new URL(response.url).pathname.startsWith('/sign-in');

const madeBy = (page: Response | undefined): string | null => page?.headers.get(BY_APP) ?? null;

async function keepUnlessFresh(url: URL): Promise<void> {
	if (!KEPT.test(url.pathname)) return;
	const kept = await (await caches.open(PAGES)).match(url.href);
	const isFresh = madeBy(kept) === version && Date.now() - Number(kept?.headers.get(KEPT_AT)) < FRESH;
	if (!isFresh) await fetchAndKeep(url.href);
}

/** Without a network, or with a server that is away, what is kept stays. */
async function fetchAndKeep(url: string): Promise<void> {
	// From the network alone: an answer of the browser's own HTTP cache would be taken for a new page.
	const response = await fetch(url, { credentials: 'same-origin', cache: 'reload' }).catch(() => undefined);
	if (response) await keep(url, response);
}

/** Pages of an older version, made by this one where they can be. */
async function renew(): Promise<void> {
	const pages = await caches.open(PAGES);
	for (const { url } of await pages.keys()) if (madeBy(await pages.match(url)) !== version) await fetchAndKeep(url);
}

/** Files of a version of which no page is kept any more. */
async function dropOldApps(): Promise<void> {
	const pages = await caches.open(PAGES);
	const needed = new Set([version]);
	for (const request of await pages.keys()) {
		const by = madeBy(await pages.match(request));
		// Kept by a worker that did not say by which version: all files stay until it is renewed.
		if (by === null) return;
		needed.add(by);
	}
	for (const name of await caches.keys())
		if (name !== PAGES && !(name.startsWith(APP_PREFIX) && needed.has(name.slice(APP_PREFIX.length))))
			await caches.delete(name);
}

async function networkFirst(request: Request, url: URL): Promise<Response> {
	const pages = await caches.open(PAGES);
	const kept = await pages.match(url.href);
	const asked = fetch(request).then(async (response) => {
		if (isAway(response.status)) return kept ?? response;
		await keep(url.href, response.clone());
		return response;
	});
	if (!kept) return asked.catch((error: unknown) => notKept(request, error));
	const late = new Promise<undefined>((resolve) => setTimeout(resolve, PATIENCE));
	try {
		return (await Promise.race([asked, late])) ?? kept;
	} catch {
		return kept;
	}
}

/** A page that was never seen here, asked for without a network. */
function notKept(request: Request, error: unknown): Response {
	if (request.mode !== 'navigate') throw error;
	return new Response(
		`<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>No network</title><body style="font:1.1rem/1.5 sans-serif;margin:3rem auto;max-width:34rem;padding:0 1rem">
<h1>No network</h1><p>This page is not kept on this device. It opens once there is a network again.</p>
<p><a href="">Try again</a> · <a href="/">First page</a></p>`,
		{ status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } },
	);
}
