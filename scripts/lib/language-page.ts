/** The page of docs that lists what is read: made of the very texts that the tests read. */

import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { MANNERS } from '../../core/test/manners.ts';
import {
	capital,
	readAll,
	readGlossary,
	readSentence,
	readTextWith,
	ROW_CALLED,
	SENTENCE_FILLERS,
	wordsFor,
} from '../../core/notation/index.ts';
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
	more: 'More ways, and what is refused',
};

const OTHER_CRAFTS = [
	'sl 2 units to cn, hold in front, work 2 units, work 2 units from cn',
	'sl 2 sts to cn and hold in back, brk1, sl1yo, then brk1, sl1yo from cn',
	'sl 2 pairs to cn, hold in front, [k1, p1] twice, [k1, p1] twice from cn',
	'2 left over 1 right',
	'hold peg 1’s loop in front, move 2 to 1, put the held loop on 2',
	'hold the loops of pegs 1-2 inside, move 3 and 4 to 1 and 2, then put the held loops on 3 and 4',
	'two 2-prong tools, right group down first',
	'a 1-prong and a 2-prong tool, left group down first',
];

function toldAs(text: string): string {
	const read = readTextWith(readGlossary(''), text, 'slash');
	if (!read.ok) return `refused: ${read.problems[0]!.what}`;
	return read.meanings
		.map((m) => `${wordsFor(m.crossing).title}${m.differs === '' ? '' : ` (${m.differs})`}`)
		.join('; or ');
}

export function languagePage(): string {
	const sentences = [...cases('written-sentences'), ...cases('read-sentences').map((c) => ({ ...c, id: 'more' }))];
	const families = [...new Set(sentences.map((s) => s.id ?? ''))];
	const lines = [
		'# What is read',
		'',
		'`npm run language` makes this page from the texts that the tests read. A word that we do not know is shown in its place,',
		'and the text is not read without it. Lines about the piece and its materials, titles, and a name or a remark beside a',
		'sentence are listed as read past. The simulator runs each sentence: what the hands make is what it means.',
		'',
		'In a sentence these words can be left out or put in. Every other word counts, and what a clause has no use for (a second',
		'number, “as one”, purlwise on a knit stitch) is refused at its place:',
		'',
		`${SENTENCE_FILLERS.join(', ')}.`,
		'',
		'In rows every word counts. A word that is not known in a label, or in a line that repeats rows, is refused. A repeat is',
		'worked where it is written: “Next row” after “rep rows 1-2 4 times” is row 11. The stitch count of a row is checked; a',
		'repeat that should end with another row is reported; binding off some stitches only and',
		'turning within a row are refused. In the brackets of a label these words say what a row is, and change nothing:',
		'',
		`${ROW_CALLED.split(' ').join(', ')}.`,
		'',
		'## Names',
		'',
		...table(
			['written', 'read as, with no school stated'],
			[...cases('written-names'), ...cases('read-names')].map((c) => [code(c.text), nameMeans(c)]),
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
		'### Other crafts',
		'',
		'Units of brioche and pairs of double-knitting are one column each; what is done on pegs and with prongs is read as it is said.',
		'',
		...table(
			['written', 'makes'],
			OTHER_CRAFTS.map((text) => [code(text), toldAs(text)]),
		),
		'## Rows',
		'',
		'Fabrics are worked by their names over so many stitches or to the end: St st and reverse St st, garter, moss or seed,',
		'k1, p1 rib and the like; “rib” alone goes on with the rib that is there. “As set” in a first row is a fault. Where a',
		'text leaves something open, it is asked or said: which size (one press keeps its numbers), “rep from * 3 times” as',
		'three more, or three in all where only that comes out, “inc 1” as kfb or m1. Two yarns stand in the label or before the',
		'stitches: “Row 3 (B)”, “Row 3: with B, k11”, “Row 3 with CC:”. By one press flat rows are written as rounds, or the',
		'other way about, so that the fabric stays.',
		'',
		'One band on 14 stitches in thirty manners, each worked to the same fabric:',
		'',
		...MANNERS.flatMap(([manner, text]) => [`${capital(manner)}:`, '', '```', text, '```', '']),
		'What the tests read besides:',
		'',
		...[...cases('written-patterns'), ...cases('read-patterns')].flatMap((c) => [
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
