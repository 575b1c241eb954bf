/** The page of docs that lists what is read: made of the very texts that the tests read. */

import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readAll, readSentence, SENTENCE_FILLERS, wordsFor } from '../../core/notation/index.ts';
import { root } from './paths.mjs';

interface Case {
	readonly id?: string;
	readonly text: string;
	readonly expect: { readonly error?: boolean; readonly needsGlossary?: boolean };
}

const cases = (name: string): readonly Case[] =>
	JSON.parse(readFileSync(join(root, 'core', 'test', 'vectors', `${name}.json`), 'utf8')) as Case[];

const code = (text: string): string =>
	`\`${text.replaceAll('`', "'").replaceAll('\n', ' ⏎ ').replaceAll('|', '\\|')}\``;

function nameMeans({ text, expect }: Case): string {
	const { readings, needsGlossary } = readAll(text);
	if (expect.error) return 'refused';
	if (expect.needsGlossary || needsGlossary) return 'only the glossary of its pattern can settle it';
	return readings.map((r) => wordsFor(r.crossing).title).join('; or ');
}

function sentenceMakes({ text }: Case): string {
	const read = readSentence(text);
	return read.ok
		? read.value.map((r) => wordsFor(r.crossing).title).join('; or ')
		: `refused: ${read.problems[0]!.what}`;
}

const table = (heads: readonly string[], rows: readonly (readonly string[])[]): readonly string[] => [
	`| ${heads.join(' | ')} |`,
	`|${heads.map(() => ' --- ').join('|')}|`,
	...rows.map((r) => `| ${r.map((cell) => cell.replaceAll(/(?<!\\)\|/g, '\\|')).join(' | ')} |`),
	'',
];

const FAMILIES: Readonly<Record<string, string>> = {
	plain: 'Words for the same moves',
	words: 'Numbers as words',
	paren: 'Brackets, and lists worked several times',
	name: 'With a name before',
	return: 'Stitches put back',
	'two cn': 'Two holders',
	tbl: 'Through the back loop',
	'no needle': 'Without a needle',
	LHRH: 'Words for needles and holders',
	extra: 'Remarks, and what is refused',
	wrong: 'What does not come out',
	'left-handed': 'From the other needle',
	WS: 'Purled',
	closer: 'Every word counts',
};

export function languagePage(): string {
	const sentences = cases('written-sentences');
	const families = [...new Set(sentences.map((s) => s.id ?? ''))];
	const lines = [
		'# What is read',
		'',
		'Made by `npm run language` of the texts that the tests read, so that this page says what holds. A word that is not known',
		'is shown in its place, and nothing is taken for read beside it. What stands before or behind a sentence and changes nothing',
		'(a name, a remark in words of a short list), and lines about the piece and its materials, are listed as read past. The',
		'simulator runs each sentence, and what the hands make is what it means.',
		'',
		'In a sentence these words may stand or be left out; every other one that is read counts, and without it, or with its',
		'opposite in its place, the sentence means something else or is not read:',
		'',
		`${SENTENCE_FILLERS.join(', ')}.`,
		'',
		'## Names',
		'',
		...table(
			['written', 'read as, with no school stated'],
			cases('written-names').map((c) => [code(c.text), nameMeans(c)]),
		),
		'## Sentences',
		'',
		...families.flatMap((family) => [
			`### ${FAMILIES[family] ?? family}`,
			'',
			...table(
				['written', 'makes'],
				sentences.filter((s) => (s.id ?? '') === family).map((s) => [code(s.text), sentenceMakes(s)]),
			),
		]),
		'## Rows',
		'',
		...cases('written-patterns').flatMap((c) => [
			c.expect.error ? `${c.id} (refused, with words):` : `${c.id}:`,
			'',
			'```',
			c.text,
			'```',
			'',
		]),
	];
	return `${lines.join('\n').trimEnd()}\n`;
}
