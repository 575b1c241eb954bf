/** Made once for each language: a list asks for many dates. */
const made = new Map<string, Intl.DateTimeFormat>();

/** "3 November", the same on the server and in the page whatever their time zones; in the order of a language. */
export function dayOf(at: Date, locale: string): string {
	const day = made.get(locale) ?? new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' });
	made.set(locale, day);
	return day.format(at);
}

/** Made when it is first asked for: it takes tens of milliseconds, and most pages never ask. */
let weekday: Intl.DateTimeFormat | undefined;
/** A day of the calendar, with its weekday: `Thu, 5 Nov 2026` for `2026-11-05`. */
export function weekdayOf(day: string): string {
	weekday ??= new Intl.DateTimeFormat('en-GB', {
		weekday: 'short',
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		timeZone: 'UTC',
	});
	return weekday.format(new Date(`${day}T00:00:00Z`));
}

/** Today where this device is: `2026-11-05`. */
export function today(): string {
	const now = new Date();
	const two = (n: number): string => String(n).padStart(2, '0');
	return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
