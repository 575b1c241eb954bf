/** Ids of the pictures in a lesson. */
export const picturesIn = ({ steps }: Pick<Lesson, 'steps'>): readonly string[] =>
	steps.flatMap((s) => (s.kind === 'picture' && s.picture ? [s.picture.id] : []));

/** A lesson as one HTML file that needs no server and plays its demonstrations. */

import { htmlSection } from '../block/index.ts';
import { demonstrationsPage, PALETTES } from '../drawing/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import type { Lesson } from './schema.ts';
import { sectionsOf } from './sections.ts';

export function lessonPage(lesson: Lesson, style: HouseStyle, pictures?: ReadonlyMap<string, string>): string {
	const { ink, paper, quiet } = PALETTES.day;
	const sections = sectionsOf(lesson, style, { words: true, mistakes: true }).map(({ number, title, blocks }) =>
		htmlSection(title === undefined ? undefined : `${number}. ${title}`, blocks(), pictures),
	);
	return demonstrationsPage(sections, { title: lesson.title, lines: [], ink, paper, quiet });
}
