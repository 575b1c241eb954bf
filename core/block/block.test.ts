import { describe, expect, it } from 'vitest';
import { NoteSchema } from '../schema/index.ts';
import { type Block, htmlSection, markdownOf } from './index.ts';

const drawn = {
	...{ width: 20, height: 10, label: 'Picture of a cable', shapes: [], crossPoints: [] },
} as unknown as ReturnType<Extract<Block, { kind: 'picture' }>['draw']>;
const draw = () => drawn;
const note = NoteSchema.parse({
	type: 'doc',
	content: [
		{
			type: 'paragraph',
			content: [
				{ type: 'text', text: 'Bring ' },
				{ type: 'text', text: ' *wool* ', marks: [{ type: 'bold' }] },
				{ type: 'hardBreak' },
				{ type: 'text', text: 'the hall', marks: [{ type: 'link', attrs: { href: 'https://pond.example/a' } }] },
			],
		},
		{
			type: 'orderedList',
			content: [
				{ type: 'listItem', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'first' }] }] },
				{ type: 'listItem', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'second' }] }] },
			],
		},
	],
});
const question = {
	asks: 'Which way?',
	lines: ['Row 3: C4F'],
	options: [
		{ letter: 'A', label: 'left' },
		{ letter: 'B', label: 'right' },
	],
	answer: 'A',
	says: 'It leans left.',
};

describe('blocks as Markdown', () => {
	const of = (block: Block): readonly string[] => markdownOf([block]);

	it('stand with an empty line after each, and nothing that was typed is markup', () => {
		expect(of({ kind: 'heading', text: '1 *over* 1' })).toEqual(['### 1 \\*over\\* 1', '']);
		expect(
			(['strong', 'quiet', 'sentence'] as const).map((tone) => of({ kind: 'text', text: 'a_b', tone })[0]),
		).toEqual([...['**a\\_b**', 'a\\_b', 'Sentence: a\\_b']]);
		expect(of({ kind: 'caution', text: 'Steam <burns>.' })).toEqual(['*Steam \\<burns\\>.*', '']);
		expect(of({ kind: 'list', items: ['a', 'b'], ticks: true })).toEqual(['- [ ] a', '- [ ] b', '']);
		expect(of({ kind: 'list', items: ['a'], ticks: false })).toEqual(['- a', '']);
		expect(of({ kind: 'photo', id: 'x', width: 1, height: 1, alt: 'A sleeve' })).toEqual(['*Picture: A sleeve*', '']);
		expect(of({ kind: 'photo', id: 'x', width: 1, height: 1, alt: '' })).toEqual(['*Picture*', '']);
	});

	it('keep names between back-quotes, more of them where the name has some', () => {
		const facts = [
			['Name', 'C4F'],
			['Odd', 'a`b'],
			['Lean', 'left'],
		] as const;
		expect(of({ kind: 'picture', draw, facts, names: 2 })).toEqual([
			...['- Name: `C4F`', '- Odd: `` a`b ``', '- Lean: left', ''],
		]);
		const lines = [['cn', 'cable needle']] as const;
		expect(of({ kind: 'table', title: 'Words', lines, names: true })).toEqual([
			'### Words',
			'',
			'- `cn`: cable needle',
			'',
		]);
		expect(of({ kind: 'table', title: '', lines, names: false })).toEqual(['- **cn**: cable needle', '']);
	});

	it('quote what was written by hand, its marks around the words alone', () => {
		// Two blanks before the end of a line break it.
		expect(of({ kind: 'note', note, aside: true })).toEqual([
			...['> Bring  **\\*wool\\***   ', '> [the hall](<https://pond.example/a>)', '>'],
			...['> 1. first', '> 2. second', ''],
		]);
	});

	it('tick rows that have labels, and give the others as one block', () => {
		const rows = [{ label: 'Row 1', text: 'k4' }, { text: 'C4F' }];
		expect(of({ kind: 'rows', rows, counter: [] } as unknown as Block)).toEqual([
			'- [ ] **Row 1**: k4',
			'- [ ] C4F',
			'',
		]);
		const bare = [{ text: 'k4' }, { text: 'turn', isRemark: true }];
		expect(of({ kind: 'rows', rows: bare, counter: [] } as unknown as Block)).toEqual(['```', 'k4\n# turn', '```', '']);
	});

	it('number the moves of each side of a comparison, and of a way', () => {
		const moves = { frames: 3, says: (at: number) => ({ caption: `move *${at}*` }), draw } as never;
		const sides = [
			{ title: 'Left_', says: 'leans left', draw, wide: false, moves },
			{ title: 'Right', says: '', draw, wide: false },
		];
		expect(of({ kind: 'comparison', sides })).toEqual([
			...['- **Left\\_**: leans left', '  1. move \\*1\\*', '  2. move \\*2\\*', '- **Right**', ''],
		]);
		expect(of({ kind: 'moves', title: 'By hand', ...(moves as object) } as Block)).toEqual([
			...['### By hand', '', '1. move \\*1\\*', '2. move \\*2\\*', ''],
		]);
	});

	it('keep a list of points, its second lines under them, and italics', () => {
		const point = (...lines: readonly string[]) => ({
			type: 'listItem',
			content: lines.map((text) => ({
				type: 'paragraph',
				content: [{ type: 'text', text, marks: [{ type: 'italic' }] }],
			})),
		});
		const points = NoteSchema.parse({
			type: 'doc',
			content: [{ type: 'bulletList', content: [point('a', 'b'), point('c')] }],
		});
		expect(of({ kind: 'note', note: points, aside: false })).toEqual(['> - *a*', '>   *b*', '> - *c*', '']);
		expect(htmlSection('Note', [{ kind: 'note', note: points, aside: false }])).toEqual({
			title: 'Note',
			body: '<blockquote><ul><li dir="auto"><i>a</i><br><i>b</i></li><li dir="auto"><i>c</i></li></ul></blockquote>',
		});
	});

	it('ask questions with their letters, and give the answers in one line', () => {
		expect(of({ kind: 'questions', questions: [question] })).toEqual([
			...['1. Which way?', '   Row 3: C4F', '   - A: left', '   - B: right', '', 'Answers: 1 A.', ''],
		]);
	});
});

describe('blocks as HTML', () => {
	const of = (block: Block, pictures?: ReadonlyMap<string, string>): string =>
		htmlSection('Title', [block], pictures).body;

	it('escape everything that was typed', () => {
		expect(htmlSection('A <b>', []).title).toBe('A <b>');
		expect(htmlSection(undefined, [])).toEqual({ body: '' });
		expect(of({ kind: 'heading', text: '<i>' })).toBe('<h3>&lt;i&gt;</h3>');
		expect(of({ kind: 'text', text: 'a & b', tone: 'strong' })).toBe('<b class="line">a &amp; b</b>');
		expect(of({ kind: 'text', text: 'k4', tone: 'sentence' })).toBe('<code class="line">k4</code>');
		expect(of({ kind: 'list', items: ['<x>'], ticks: true })).toBe('<ul class="ticks"><li>&lt;x&gt;</li></ul>');
		expect(of({ kind: 'table', title: 'Words', lines: [['cn', 'cable needle']], names: true })).toBe(
			'<h2>Words</h2><dl><dt>cn</dt><dd>cable needle</dd></dl>',
		);
	});

	it('show a photograph that is there, and say one that is not', () => {
		const photo: Block = { kind: 'photo', id: 'x', width: 8, height: 6, alt: 'A "sleeve"' };
		expect(of(photo)).toBe('<p>Picture: A &quot;sleeve&quot;</p>');
		expect(of(photo, new Map([['x', 'data:image/jpeg;base64,AA']]))).toBe(
			'<img src="data:image/jpeg;base64,AA" alt="A &quot;sleeve&quot;" width="8" height="6">',
		);
	});

	it('keep bold, links, breaks and lists of a note', () => {
		expect(of({ kind: 'note', note, aside: false })).toBe(
			'<blockquote><p dir="auto">Bring <b> *wool* </b><br><a href="https://pond.example/a" rel="noopener noreferrer">the hall</a></p>' +
				'<ol><li dir="auto">first</li><li dir="auto">second</li></ol></blockquote>',
		);
	});

	it('say the moves of each side of a comparison', () => {
		const moves = { frames: 3, says: (at: number) => ({ caption: `move <${at}>` }), draw } as never;
		const html = of({ kind: 'comparison', sides: [{ title: 'Left', says: 'leans', draw, wide: false, moves }] });
		expect(html).toContain('<b>Left</b><p>leans</p><ol><li>move &lt;1&gt;</li><li>move &lt;2&gt;</li></ol>');
	});

	it('number questions and turn their answers', () => {
		const html = of({ kind: 'questions', questions: [question] });
		expect(html).toContain('<b class="line">Which way?</b><code class="line">Row 3: C4F</code>');
		expect(html).toContain('<b>A</b><span>left</span>');
		expect(html.endsWith('<p class="turned">Answers: 1 A</p>')).toBe(true);
	});
});
