/** The one walk of a lesson for files of it: a format says how its parts are written, this says what they say. */

import type { Block } from '../block/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { kindOf } from '../step/index.ts';
import { amount, kitFor } from './kit.ts';
import type { Lesson } from './schema.ts';
import { sectionsOf } from './sections.ts';
import { minutesOf, timeline } from './timing.ts';

/** What a step is called. */
export interface StepHead {
	readonly number: number;
	/** None for a note, which is what is written in it. */
	readonly title: string | undefined;
	readonly kind: string;
	readonly minutes: number;
}

/** How a lesson is written as `Part`s, such as lines of Markdown or sections of a page. */
export interface LessonFormat<Part> {
	/** Its title, and in one sentence how long it is and for whom. */
	head(title: string, says: string): readonly Part[];
	/** What to bring: each thing with how much of it. */
	materials(items: readonly (readonly [what: string, howMuch: string])[]): readonly Part[];
	/** A step, or one of the parts at the end, with what stands under it. */
	section(blocks: readonly Block[], step: StepHead | undefined): readonly Part[];
}

export function writeLesson<Part>(lesson: Lesson, style: HouseStyle, format: LessonFormat<Part>): readonly Part[] {
	const { plan } = lesson;
	const { total } = timeline(lesson.steps, plan, style.glossary);
	const about = `About ${Math.round(total)} of ${plan.minutes} minutes, ${plan.learners} learners, ${plan.level}.`;
	const kit = kitFor(lesson, style).map(({ what, unit, each, all }): [string, string] => [
		what,
		`${each ? `${amount(each, unit)} each, ` : ''}${amount(all, unit)} in all`,
	]);
	return [
		...format.head(lesson.title, about),
		...format.materials(kit),
		...sectionsOf(lesson, style, { words: true, mistakes: true }).flatMap(({ number, title, step, blocks }) =>
			format.section(
				blocks(),
				step && {
					number: number!,
					title,
					kind: kindOf(step).title,
					minutes: minutesOf(step, plan, style.glossary),
				},
			),
		),
	];
}
