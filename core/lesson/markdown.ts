/** A lesson as Markdown, to be pasted elsewhere. */

import { hand, perform } from '../craft/index.ts';
import { namesFor, sentenceFor, stitches, wordsFor } from '../notation/index.ts';
import type { HouseStyle, Lesson, Step } from '../schema/index.ts';
import { amount, kitFor } from './kit.ts';
import { minutesOf, timeline } from './timing.ts';
import { CHECK_WORDS, FINISH_WORDS, KIND_TITLES, stepTitle, writtenOn } from './words.ts';

/** Signs that mean something in Markdown, made to stand for themselves. */
const plain = (text: string): string => text.replaceAll(/([\\`*_[\]<>#|~])/g, '\\$1');
const quoted = (text: string): string[] => text.split('\n').map((line) => (line.trim() ? `> ${plain(line)}` : '>'));

export function lessonMarkdown(lesson: Lesson, style: HouseStyle): string {
	const { plan } = lesson;
	const { total } = timeline(lesson.steps, plan);
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
	for (const [i, step] of lesson.steps.entries()) {
		lines.push(
			`## ${i + 1}. ${plain(stepTitle(step))}`,
			'',
			`${KIND_TITLES[step.kind]}, about ${minutesOf(step, plan)} minutes`,
			'',
		);
		lines.push(...bodyOf(step));
		if (writtenOn(step).trim()) lines.push(...quoted(writtenOn(step)), '');
	}
	return `${lines.join('\n').trimEnd()}\n`;
}

function bodyOf(step: Step): string[] {
	switch (step.kind) {
		case 'crossing': {
			const words = wordsFor(step.crossing);
			const names = namesFor(step.crossing).flatMap((n) => n.name ?? []);
			const done = perform(hand, step.crossing, step.way);
			const moves = done.ok
				? done.value.trace.steps.map((_, i) => `${i + 1}. ${hand.words(done.value.trace, i + 1).caption}`)
				: [];
			return [
				`- ${stitches(step.crossing.n)}; ${words.look}; ${words.hands}`,
				`- Names: ${names.map((n) => `\`${n}\``).join(', ')}`,
				`- Sentence: ${sentenceFor(step.crossing) ?? 'none'}`,
				'',
				...moves,
				'',
			];
		}
		case 'swatch':
			return [
				`Cast on ${step.swatch.castOn}, ${step.swatch.shape === 'flat' ? 'flat' : 'in the round'}.`,
				'',
				'```',
				step.swatch.text.replaceAll('```', "'''"),
				'```',
				'',
			];
		case 'check':
			return [...step.checks.map((c) => `- [ ] ${CHECK_WORDS[c]}`), ''];
		case 'finish':
			return [...step.parts.map((p) => `- ${FINISH_WORDS[p]}`), ''];
		default:
			return [];
	}
}
