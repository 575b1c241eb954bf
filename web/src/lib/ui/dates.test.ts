import { expect, it } from 'vitest';
import { dayOf, weekdayOf } from './dates';

const YEAR = Array.from({ length: 366 }, (_, i) => new Date(Date.UTC(2028, 0, 1 + i)));

it('says each day of a leap year as the platform does', () => {
	for (const locale of ['en-GB', 'en-US', 'en']) {
		const platform = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' });
		expect(YEAR.map((d) => dayOf(d, locale))).toEqual(YEAR.map((d) => platform.format(d)));
	}
	expect(dayOf(YEAR[0]!, 'de')).toBe('1. Januar');
	const platform = new Intl.DateTimeFormat('en-GB', {
		...({ weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' } as const),
		timeZone: 'UTC',
	});
	expect(YEAR.map((d) => weekdayOf(d.toISOString().slice(0, 10)))).toEqual(YEAR.map((d) => platform.format(d)));
});
