const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });

/** "changed 3 November", the same on the server and in the page whatever their time zones. */
export const lastChanged = (at: Date): string => `changed ${day.format(at)}`;
