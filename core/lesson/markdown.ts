/** A lesson as Markdown, to be pasted elsewhere. */

import { markdownOf, plain } from '../block/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import type { Lesson } from './schema.ts';
import { writeLesson, type LessonFormat } from './write-lesson.ts';

/** In lines. */
const MARKDOWN: LessonFormat<string> = {
	head: (title, says) => [`# ${plain(title)}`, '', says, ''],
	materials: (items) => ['## To bring', '', ...items.map(([what, howMuch]) => `- ${plain(what)}: ${howMuch}`), ''],
	section: (blocks, step) => [
		...(step
			? [`## ${step.number}. ${plain(step.title ?? step.kind)}`, '', `${step.kind}, about ${step.minutes} minutes`, '']
			: []),
		...markdownOf(blocks),
	],
};

export const lessonMarkdown = (lesson: Lesson, style: HouseStyle): string =>
	`${writeLesson(lesson, style, MARKDOWN).join('\n').trimEnd()}\n`;
