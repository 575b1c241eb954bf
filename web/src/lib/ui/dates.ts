const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });

/** "3 November", the same on the server and in the page whatever their time zones. */
export const dayOf = (at: Date): string => day.format(at);
