/**
 * Days in words. The first formatter of the platform takes tens of milliseconds, while the page is hydrated; for the two ways
 * in which English says a day, names of months are enough.
 */

const MONTHS = [
	...['January', 'February', 'March', 'April', 'May', 'June', 'July'],
	...['August', 'September', 'October', 'November', 'December'],
] as const;
const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const;

/** Made once for each language: a list asks for many dates. */
const made = new Map<string, Intl.DateTimeFormat>();

/** "3 November", the same on the server and in the page whatever their time zones; in the order of a language. */
export function dayOf(at: Date, locale: string): string {
	if (locale === 'en-GB') return `${at.getUTCDate()} ${MONTHS[at.getUTCMonth()]}`;
	if (locale === 'en-US' || locale === 'en') return `${MONTHS[at.getUTCMonth()]} ${at.getUTCDate()}`;
	const day = made.get(locale) ?? new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' });
	made.set(locale, day);
	return day.format(at);
}

/** A day of the calendar, with its weekday: `Thu, 5 Nov 2026` for `2026-11-05`. */
export function weekdayOf(day: string): string {
	const at = new Date(`${day}T00:00:00Z`);
	// As the platform shortens them in British English.
	const month = at.getUTCMonth() === 8 ? 'Sept' : MONTHS[at.getUTCMonth()]!.slice(0, 3);
	return `${WEEKDAYS[at.getUTCDay()]}, ${at.getUTCDate()} ${month} ${at.getUTCFullYear()}`;
}

/** Today where this device is: `2026-11-05`. */
export function today(): string {
	const now = new Date();
	const two = (n: number): string => String(n).padStart(2, '0');
	return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
