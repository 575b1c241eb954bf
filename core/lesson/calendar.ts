/** The dates of a lesson as a calendar file. */

import ical from 'ical-generator';
import { stepTitle } from '../step/index.ts';
import type { Lesson } from './schema.ts';

/** `id`: what the lesson is known by, so that a calendar that reads it again changes what it has. Times are those of the room. */
export function lessonCalendar(lesson: Lesson, id: string): string {
	const calendar = ical({ name: lesson.title, prodId: { company: 'Pond Loop', product: 'Lessons' } });
	for (const date of lesson.plan.dates) {
		const start = new Date(date);
		calendar.createEvent({
			id: `${id}-${date}`,
			start,
			end: new Date(start.getTime() + lesson.plan.minutes * 60_000),
			floating: true,
			summary: lesson.title,
			description: lesson.steps.map((s, i) => `${i + 1}. ${stepTitle(s)}`).join('\n'),
		});
	}
	return calendar.toString();
}
