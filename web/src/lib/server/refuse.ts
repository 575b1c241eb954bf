/** Refusals before a page or a route was asked: in the shape that the asker understands. */

import { json, type RequestEvent } from '@sveltejs/kit';
import page from '../../error.html?raw';

const escaped = (text: string): string =>
	text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

/** Whether the asker is a script of ours that reads JSON, and not somebody who waits for a page. */
export function wantsJson({ request, route, isDataRequest }: RequestEvent): boolean {
	return isDataRequest || route.id?.startsWith('/api/') === true || isAction({ request });
}

const isAction = ({ request }: Pick<RequestEvent, 'request'>): boolean => request.headers.has('x-sveltekit-action');

const FROZEN = 'The pond is frozen over';
const TITLES: Readonly<Record<number, string>> = { 403: 'Not from this shore', 413: 'Too much for one net' };

export function refuse(event: RequestEvent, status: number, message: string): Response {
	const said = { message, request: event.locals.request };
	// A form that was sent by script expects the result of an action.
	if (isAction(event)) return json({ type: 'error', error: said }, { status });
	if (wantsJson(event)) return json(said, { status });
	const html = page
		.replace(FROZEN, TITLES[status] ?? FROZEN)
		.replace('%sveltekit.status%', String(status))
		.replace('%sveltekit.error.message%', escaped(message));
	return new Response(html, { status, headers: { 'content-type': 'text/html; charset=utf-8' } });
}
