/** A lesson as Markdown, to be pasted elsewhere. */

import { markdownOf, plain } from '../block/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { kindOf } from '../step/index.ts';
import { amount, kitFor } from './kit.ts';
import type { Lesson } from './schema.ts';
import { sectionsOf } from './sections.ts';
import { minutesOf, timeline } from './timing.ts';

export function lessonMarkdown(lesson: Lesson, style: HouseStyle): string {
	const { plan } = lesson;
	const { total } = timeline(lesson.steps, plan, style.glossary);
	const lines = [
		`# ${plain(lesson.title)}`,
		'',
		`About ${Math.round(total)} of ${plan.minutes} minutes, ${plan.learners} learners, ${plan.level}.`,
		'',
		'## To bring',
		'',
		...kitFor(lesson, style).map((i) => {
			const each = i.each ? `${amount(i.each, i.unit)} each, ` : '';
			return `- ${plain(i.what)}: ${each}${amount(i.all, i.unit)} in all`;
		}),
		'',
	];
	for (const { number, title, step, blocks } of sectionsOf(lesson, style, { words: true, mistakes: true })) {
		if (step) {
			lines.push(
				`## ${number}. ${plain(title ?? kindOf(step).title)}`,
				'',
				`${kindOf(step).title}, about ${minutesOf(step, plan, style.glossary)} minutes`,
				'',
			);
		}
		lines.push(...markdownOf(blocks()));
	}
	return `${lines.join('\n').trimEnd()}\n`;
}
