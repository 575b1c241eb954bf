/** A lesson as Markdown, to be pasted elsewhere. */

import { craftOf, perform } from '../craft/index.ts';
import { namesFor, stitches, wordsFor } from '../notation/index.ts';
import {
	isBlank,
	type HouseStyle,
	type Lesson,
	type Note,
	type NoteBlock,
	type NoteParagraph,
	type NoteRun,
	type Step,
} from '../schema/index.ts';
import { sentenceIn } from './glossary.ts';
import { amount, kitFor } from './kit.ts';
import { minutesOf, timeline } from './timing.ts';
import { CHECK_WORDS, FINISH_WORDS, KIND_TITLES, noteOn, stepTitle } from './words.ts';

/** Signs that mean something in Markdown, made to stand for themselves. */
const plain = (text: string): string => text.replaceAll(/([\\`*_[\]<>#|~])/g, '\\$1');

const runMarkdown = (run: NoteRun): string => {
	if (run.type === 'hardBreak') return '  \n';
	const signs = (run.marks ?? []).map((m) => (m.type === 'bold' ? '**' : '*'));
	// Signs hold on to the words: blanks at the ends stay outside.
	const [, before = '', words = '', after = ''] = /^(\s*)(.*?)(\s*)$/s.exec(run.text) ?? [];
	return words ? before + signs.join('') + plain(words) + signs.toReversed().join('') + after : run.text;
};
const lineMarkdown = ({ content = [] }: NoteParagraph): string => content.map(runMarkdown).join('');
const blockMarkdown = (block: NoteBlock): string =>
	block.type === 'paragraph'
		? lineMarkdown(block)
		: block.content
				.map(
					(item, i) =>
						`${block.type === 'bulletList' ? '-' : `${i + 1}.`} ${item.content.map(lineMarkdown).join('\n  ')}`,
				)
				.join('\n');
const quoted = (note: Note): string[] =>
	note.content
		.map(blockMarkdown)
		.join('\n\n')
		.split('\n')
		.map((line) => (line.trim() ? `> ${line}` : '>'));

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
		if (!isBlank(noteOn(step))) lines.push(...quoted(noteOn(step)), '');
	}
	return `${lines.join('\n').trimEnd()}\n`;
}

function bodyOf(step: Step): string[] {
	switch (step.kind) {
		case 'crossing': {
			const words = wordsFor(step.crossing);
			const names = namesFor(step.crossing).flatMap((n) => n.name ?? []);
			const craft = craftOf(step.craft);
			const done = perform(craft, step.crossing, step.way);
			const moves = done.ok
				? done.value.trace.steps.map((_, i) => `${i + 1}. ${craft.words(done.value.trace, i + 1).caption}`)
				: [];
			return [
				`- ${stitches(step.crossing.n)}; ${words.look}; ${words.hands}`,
				`- Names: ${names.map((n) => `\`${n}\``).join(', ')}`,
				...(craft.id === 'hand' ? [] : [`- ${craft.title}: ${craft.says}`]),
				...(craft.hasSentence ? [`- Sentence: ${sentenceIn(craft.id, step.crossing) ?? 'none'}`] : []),
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
