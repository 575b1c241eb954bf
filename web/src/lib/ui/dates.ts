/** Made once for each language: a list asks for many dates. */
const made = new Map<string, Intl.DateTimeFormat>();

/** "3 November", the same on the server and in the page whatever their time zones; in the order of a language. */
export function dayOf(at: Date, locale: string): string {
	const day = made.get(locale) ?? new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' });
	made.set(locale, day);
	return day.format(at);
}
