/** The cookie that holds a session's token. */

import type { Cookies } from '@sveltejs/kit';

const DAY = 24 * 60 * 60;
const LIFE_DAYS = 90;

// The prefix makes browsers refuse a cookie of that name that is not secure and of this very host.
const nameFor = (url: URL): string => (url.protocol === 'https:' ? '__Host-pond-session' : 'pond-session');

const optionsFor = (url: URL): { path: '/'; httpOnly: true; sameSite: 'lax'; secure: boolean } => ({
	path: '/',
	httpOnly: true,
	sameSite: 'lax',
	secure: url.protocol === 'https:',
});

interface SessionRequest {
	readonly cookies: Cookies;
	readonly url: URL;
}

export const tokenOf = ({ cookies, url }: SessionRequest): string | undefined => cookies.get(nameFor(url));

export const keepToken = ({ cookies, url }: SessionRequest, token: string): void =>
	cookies.set(nameFor(url), token, { ...optionsFor(url), maxAge: LIFE_DAYS * DAY });

export const dropToken = ({ cookies, url }: SessionRequest): void => cookies.delete(nameFor(url), optionsFor(url));
