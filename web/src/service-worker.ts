/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />

/**
 * What a browser keeps so that an evening goes on without a network: the app's own files, and the pages of an evening,
 * of the rows at the needles, of a lesson on show or behind a link, of practice and of the stage as they were when they
 * were last seen.
 *
 * Pages come from the network first, and from here only when it does not answer, so that nobody sees an old app by
 * accident. A new version waits until somebody takes it; until then old pages have their old files.
 */

import { build, files, version } from '$service-worker';

const self = globalThis.self as unknown as ServiceWorkerGlobalScope;
const APP = `app-${version}`;
/** Pages of one teacher; emptied when somebody signs in or out. */
const PAGES = 'pages';

/** Pages that are wanted where there may be no network. */
const KEPT = /^\/($|stage|practice|shared\/|evenings\/|lessons\/[^/]+\/show|swatches\/[^/]+\/needles|classes)/;
/** Forms by which somebody comes or goes. */
const COMES_OR_GOES = /^\/(sign-in|sign-up|sign-out|recover|account|who)/;
/** Answers by which a page is there no more, or not for whoever asks. */
const GONE: ReadonlySet<number> = new Set([401, 403, 404, 410]);
/** Milliseconds after which what is kept is shown, where there is something: a network may hang. */
const PATIENCE = 4000;

self.addEventListener('install', (event) => {
	event.waitUntil(
		caches.open(APP).then((cache) => cache.addAll([...build, ...files.filter((f) => !f.includes('preview'))])),
	);
});

self.addEventListener('activate', (event) => {
	event.waitUntil(
		(async () => {
			for (const name of await caches.keys()) if (name !== APP && name !== PAGES) await caches.delete(name);
			// Pages of the old app name files that are gone: they are asked for anew, where there is a network.
			const pages = await caches.open(PAGES);
			for (const request of await pages.keys()) {
				const fresh = await fetch(request.url, { credentials: 'same-origin' }).catch(() => undefined);
				if (fresh?.ok && !fresh.redirected) await pages.put(request.url, fresh);
				else await pages.delete(request);
			}
			await self.clients.claim();
		})(),
	);
});

self.addEventListener('message', (event) => {
	if (event.data === 'take-it') void self.skipWaiting();
});

self.addEventListener('fetch', (event) => {
	const url = new URL(event.request.url);
	if (url.origin !== location.origin) return;
	if (event.request.method !== 'GET') {
		if (COMES_OR_GOES.test(url.pathname)) event.waitUntil(caches.delete(PAGES));
		return;
	}
	if (build.includes(url.pathname) || files.includes(url.pathname)) {
		event.respondWith(caches.match(url.pathname, { cacheName: APP }).then((kept) => kept ?? fetch(event.request)));
		return;
	}
	const page = url.pathname.replace(/\/__data\.json$/, '') || '/';
	if (KEPT.test(page)) event.respondWith(networkFirst(event.request, url));
});

async function networkFirst(request: Request, url: URL): Promise<Response> {
	const pages = await caches.open(PAGES);
	const asked = fetch(request).then(async (response) => {
		// What sends elsewhere, such as to sign in, is not this page.
		if (response.ok && !response.redirected && response.type === 'basic') await pages.put(url.href, response.clone());
		// What was withdrawn or closed is not to be read on from here.
		else if (GONE.has(response.status)) await pages.delete(url.href);
		return response;
	});
	const kept = await pages.match(url.href);
	if (!kept) return asked;
	const late = new Promise<undefined>((resolve) => setTimeout(resolve, PATIENCE));
	try {
		return (await Promise.race([asked, late])) ?? kept;
	} catch {
		return kept;
	}
}
