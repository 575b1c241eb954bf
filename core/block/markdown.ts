/** Blocks as Markdown, to be pasted elsewhere. Nothing that was typed becomes markup. */

import { linkOf, type Note, type NoteBlock, type NoteParagraph, type NoteRun } from '../schema/index.ts';
import { answersSaid, movesOf, photoSaid, rendered, type Block, type Renderers } from './block.ts';

/** Signs that mean something in Markdown, made to stand for themselves. */
export const plain = (text: string): string => text.replaceAll(/([\\`*_[\]<>#|~])/g, '\\$1');

const runMarkdown = (run: NoteRun): string => {
	if (run.type === 'hardBreak') return '  \n';
	const signs = (run.marks ?? []).flatMap((m) => (m.type === 'link' ? [] : [m.type === 'bold' ? '**' : '*']));
	const href = linkOf(run);
	// Signs hold on to the words: blanks at the ends stay outside.
	const [, before = '', words = '', after = ''] = /^(\s*)(.*?)(\s*)$/s.exec(run.text) ?? [];
	if (!words) return run.text;
	const marked = signs.join('') + plain(words) + signs.toReversed().join('');
	return (
		before + (href === undefined ? marked : `[${marked}](<${href.replaceAll(/[<>]/g, encodeURIComponent)}>)`) + after
	);
};
const lineMarkdown = ({ content = [] }: NoteParagraph): string => content.map(runMarkdown).join('');
const noteBlock = (block: NoteBlock): string =>
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
		.map(noteBlock)
		.join('\n\n')
		.split('\n')
		.map((line) => (line.trim() ? `> ${line}` : '>'));

/** Text that stands for itself, between as many back-quotes as it takes. */
const literal = (text: string): string => {
	const longest = Math.max(0, ...(text.match(/`+/g) ?? []).map((run) => run.length));
	const fence = '`'.repeat(longest + 1);
	return longest > 0 ? `${fence} ${text} ${fence}` : `\`${text}\``;
};
const block = (text: string): string[] => {
	const longest = Math.max(2, ...(text.match(/`+/g) ?? []).map((run) => run.length));
	const fence = '`'.repeat(longest + 1);
	return [fence, text, fence];
};

/** Pictures are said: what they show is their own text. */
const MARKDOWN: Renderers<readonly string[]> = {
	heading: ({ text }) => [`### ${plain(text)}`],
	text: ({ text, tone }) => [
		tone === 'sentence' ? `Sentence: ${plain(text)}` : tone === 'strong' ? `**${plain(text)}**` : plain(text),
	],
	note: ({ note }) => quoted(note),
	list: ({ items, ticks }) => items.map((item) => `- ${ticks ? '[ ] ' : ''}${plain(item)}`),
	picture: ({ facts, names }) =>
		facts.map(([term, says], i) => `- ${plain(term)}: ${i < names ? literal(says) : plain(says)}`),
	photo: ({ alt }) => [`*${plain(photoSaid(alt))}*`],
	moves: ({ title, ...moves }) => [
		`### ${plain(title)}`,
		'',
		...movesOf(moves).map((says, i) => `${i + 1}. ${plain(says)}`),
	],
	comparison: ({ sides }) =>
		sides.flatMap((s) => [
			`- **${plain(s.title)}**${s.says ? `: ${plain(s.says)}` : ''}`,
			...movesOf(s.moves).map((says, i) => `  ${i + 1}. ${plain(says)}`),
		]),
	chart: ({ shown }) =>
		shown.checked.problems.filter((p) => p.weight === 'error').map((p) => `- ${plain(`${p.what} ${p.todo}`)}`),
	rows: ({ rows }) =>
		rows.some((r) => r.label !== undefined)
			? rows.map((r) => `- [ ] ${r.label ? `**${plain(r.label)}**: ` : ''}${plain(r.text)}`)
			: block(rows.map((r) => (r.isRemark ? `# ${r.text}` : r.text)).join('\n')),
	table: ({ title, lines, names }) => [
		...(title ? [`### ${plain(title)}`, ''] : []),
		...lines.map(([term, says]) => `- ${names ? literal(term) : `**${plain(term)}**`}: ${plain(says)}`),
	],
	caution: ({ text }) => [`*${plain(text)}*`],
	questions: ({ questions }) => [
		...questions.flatMap((q, i) => [
			`${i + 1}. ${plain(q.asks)}`,
			...q.lines.map((line) => `   ${plain(line)}`),
			...(q.seen ? [`   ${plain(q.seen.says)}`] : []),
			...q.options.map((o) => `   - ${o.letter}: ${plain(o.label)}`),
		]),
		'',
		`${plain(answersSaid(questions))}.`,
	],
};

/** Lines of Markdown, with an empty one between blocks. */
export const markdownOf = (blocks: readonly Block[]): readonly string[] =>
	blocks.flatMap((b) => {
		const lines = rendered(MARKDOWN, b);
		return lines.length === 0 ? [] : [...lines, ''];
	});
