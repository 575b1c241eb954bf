/** "3 November", the same on the server and in the page whatever their time zones; in the order of a language. */
export const dayOf = (at: Date, locale: string): string =>
	new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(at);
