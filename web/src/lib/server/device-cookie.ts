/** A cookie that tells one device of a class from another behind one address. It says nothing of who holds it. */

import type { RequestEvent } from '@sveltejs/kit';
import { newToken } from './secrets';

export const DEVICE_COOKIE = 'pond-device';
const LIFE = 180 * 24 * 60 * 60;

/** Put on the answer itself, so that a page that many open is still made once. */
export function markDevice({ route, request, cookies, url }: RequestEvent, response: Response): void {
	if (route.id !== '/practice/[token]' || request.method !== 'GET' || cookies.get(DEVICE_COOKIE)) return;
	const made = cookies.serialize(DEVICE_COOKIE, newToken(), {
		path: '/practice',
		httpOnly: true,
		sameSite: 'lax',
		secure: url.protocol === 'https:',
		maxAge: LIFE,
	});
	response.headers.append('set-cookie', made);
}
