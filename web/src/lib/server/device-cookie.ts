/** A cookie that tells one device of a class from another behind one address. It says nothing of who holds it. */

import type { Cookies } from '@sveltejs/kit';
import { newToken } from './secrets';

export const DEVICE_COOKIE = 'pond-device';
const LIFE = 180 * 24 * 60 * 60;

export function markDevice(cookies: Cookies, url: URL): void {
	if (cookies.get(DEVICE_COOKIE)) return;
	cookies.set(DEVICE_COOKIE, newToken(), {
		path: '/practice',
		httpOnly: true,
		sameSite: 'lax',
		secure: url.protocol === 'https:',
		maxAge: LIFE,
	});
}
