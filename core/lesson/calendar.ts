/** The dates of a lesson as a calendar file. */

import ical from 'ical-generator';
import { stepTitle } from '../step/index.ts';
import type { Lesson } from './schema.ts';

/** When sequences begin to count, so that their seconds stay small numbers. */
const SINCE = Date.UTC(2026, 0, 1);

/**
 * `id`: what the lesson is known by, so that a calendar that reads it again moves what it has instead of adding to it:
 * each date is the same event by its place, and a file made later goes before one made earlier. Times are those of the room.
 */
export function lessonCalendar(lesson: Lesson, id: string, made: Date): string {
	// The name of a calendar is written as it is: a line break in it would begin a line of its own.
	const title = lesson.title.replaceAll(/\s+/g, ' ').trim();
	const calendar = ical({ name: title, prodId: { company: 'Pond Loop', product: 'Lessons' } });
	const sequence = Math.max(0, Math.floor((made.getTime() - SINCE) / 1000));
	for (const [i, date] of lesson.plan.dates.entries()) {
		const start = new Date(date);
		calendar.createEvent({
			id: `${id}-${i + 1}`,
			sequence,
			start,
			end: new Date(start.getTime() + lesson.plan.minutes * 60_000),
			floating: true,
			summary: title,
			description: lesson.steps.map((s, i) => `${i + 1}. ${stepTitle(s)}`).join('\n'),
		});
	}
	return calendar.toString();
}
