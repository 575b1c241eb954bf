/** A lesson as one HTML file that needs no server and plays its demonstrations. */

import { htmlList, htmlSection } from '../block/index.ts';
import { demonstrationsPage, PALETTES, type PageSection } from '../drawing/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import type { Lesson } from './schema.ts';
import { writeLesson, type LessonFormat } from './write-lesson.ts';

/** In sections of a page, whose own heading is the title. `pictures`: each as a `data:` address, by id. */
const html = (pictures: ReadonlyMap<string, string> | undefined): LessonFormat<PageSection> => ({
	head: (_, says) => [htmlSection(undefined, [{ kind: 'text', text: says, tone: 'quiet' }])],
	materials: (items) => [{ title: 'To bring', body: htmlList(items.map(([what, howMuch]) => `${what}: ${howMuch}`)) }],
	section: (blocks, step) => [
		htmlSection(step?.title === undefined ? undefined : `${step.number}. ${step.title}`, blocks, pictures),
	],
});

export function lessonPage(lesson: Lesson, style: HouseStyle, pictures?: ReadonlyMap<string, string>): string {
	const { ink, paper, quiet } = PALETTES.day;
	return demonstrationsPage(writeLesson(lesson, style, html(pictures)), {
		title: lesson.title,
		lines: [],
		ink,
		paper,
		quiet,
	});
}

/** Ids of the pictures in a lesson. */
export const picturesIn = ({ steps }: Pick<Lesson, 'steps'>): readonly string[] =>
	steps.flatMap((s) => (s.kind === 'picture' && s.picture ? [s.picture.id] : []));
