/** What the front says by itself: when there is too much to do, or a thread could not answer. */

import { readFileSync } from 'node:fs';

const page = readFileSync(new URL('../src/error.html', import.meta.url), 'utf8');

const TITLES = /** @type {Readonly<Record<number, string>>} */ ({
	413: 'Too much for one net',
	429: 'Too many ripples',
});

/** What the app puts on its answers too. */
export const GUARDS = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cache-control': 'no-store',
};

/**
 * @param {import('node:http').IncomingMessage} request
 * @param {import('node:http').ServerResponse} response
 * @param {number} status
 * @param {string} message
 * @param {number} [wait] seconds after which to try again
 */
export function say(request, response, status, message, wait) {
	if (response.headersSent || response.destroyed) {
		response.destroy();
		return;
	}
	const { url = '/', headers } = request;
	const isAction = headers['x-sveltekit-action'] !== undefined;
	const isJson = isAction || url.startsWith('/api/') || url.includes('__data.json');
	const isAgain =
		wait !== undefined &&
		(request.method === 'GET' || request.method === undefined) &&
		(status === 429 || status === 503);
	const body = isAction
		? JSON.stringify({ type: 'error', error: { message } })
		: isJson
			? JSON.stringify({ message })
			: page
					.replace('The pond is frozen over', TITLES[status] ?? 'The pond is frozen over')
					.replace('%sveltekit.status%', String(status))
					.replace('%sveltekit.error.message%', message)
					// A page that was only read is asked for again by itself.
					.replace('</head>', isAgain ? `<meta http-equiv="refresh" content="${wait}" /></head>` : '</head>');
	response.writeHead(status, {
		'content-type': isJson ? 'application/json' : 'text/html; charset=utf-8',
		...GUARDS,
		...(wait === undefined ? {} : { 'retry-after': String(wait) }),
	});
	response.end(body);
}
