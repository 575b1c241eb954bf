/** Limits and texts of what is stored, at their edges. */

import { describe, expect, it } from 'vitest';
import {
	firstIssue,
	linesOf,
	linkOf,
	newSwatch,
	noteList,
	noteOf,
	NoteSchema,
	SwatchSchema,
	uncleanWords,
	YARN_LIMITS,
	YarnSchema,
} from './index.ts';

/** The first complaint about a value, in words. */
const issueOf = (schema: { safeParse: (value: unknown) => unknown }, value: unknown): string | undefined => {
	const read = schema.safeParse(value) as { success: boolean; error?: Parameters<typeof firstIssue>[0] };
	return read.error && firstIssue(read.error);
};

describe('a note and its plain text', () => {
	it('has a paragraph for each line; its lists begin with a dash or a number', () => {
		expect(linesOf(noteOf('a\n\nb'))).toEqual(['a', '', 'b']);
		expect(linesOf(noteList('Bring:', ['wool', 'pins']))).toEqual(['Bring:', '- wool', '- pins']);
		const items = ['first', 'second'].map((text) => ({
			type: 'listItem',
			content: [
				{ type: 'paragraph', content: [{ type: 'text', text }, { type: 'hardBreak' }, { type: 'text', text: 'more' }] },
				{ type: 'paragraph' },
			],
		}));
		const list = NoteSchema.parse({ type: 'doc', content: [{ type: 'orderedList', content: items }] });
		expect(linesOf(list)).toEqual(['1. first\nmore\n   ', '2. second\nmore\n   ']);
	});

	it('leads where its first link leads', () => {
		const link = (href: string) => ({ type: 'link' as const, attrs: { href } });
		expect(linkOf({ type: 'text', text: 'hall', marks: [{ type: 'bold' }, link('https://pond.example/a')] })).toBe(
			'https://pond.example/a',
		);
		expect([linkOf({ type: 'text', text: 'hall' }), linkOf({ type: 'hardBreak' })]).toEqual([undefined, undefined]);
	});

	it('takes bold, italic and links of 2,000 signs, and nothing empty', () => {
		const text = (run: object) => ({ type: 'doc', content: [{ type: 'paragraph', content: [run] }] });
		const linked = (length: number) =>
			text({
				type: 'text',
				text: 'x',
				marks: [{ type: 'link', attrs: { href: 'https://x/'.padEnd(length, 'a') } }, { type: 'italic' }],
			});
		expect([issueOf(NoteSchema, linked(2000)), issueOf(NoteSchema, linked(2001))]).toEqual([
			undefined,
			'An address has at most 2,000 characters.',
		]);
		expect(issueOf(NoteSchema, text({ type: 'text', text: '' }))).toBeDefined();
		expect(issueOf(NoteSchema, text({ type: 'text', text: 'x', marks: [{ type: 'blink' }] }))).toBeDefined();
	});
});

describe('a yarn', () => {
	const yarn = (name: string) => ({ id: 'y', name, fibre: 'wool', squares: [] });

	it('has a name of 1 to so many letters', () => {
		expect(YarnSchema.parse(yarn(' Grey '))).toMatchObject({ name: 'Grey' });
		expect(issueOf(YarnSchema, yarn('  '))).toBe('A yarn needs a name. Type at least one letter.');
		expect(issueOf(YarnSchema, yarn('x'.repeat(YARN_LIMITS.name)))).toBeUndefined();
		expect(issueOf(YarnSchema, yarn('x'.repeat(YARN_LIMITS.name + 1)))).toMatch(/ Shorten it\.$/);
		expect(issueOf(YarnSchema, { ...yarn('x'), id: 'y'.repeat(61) })).toBeDefined();
	});
});

describe('a swatch', () => {
	const told = { title: 'Bolster', castOn: 24, shape: 'flat', school: 'slash', text: 'k24' } as const;

	it('that is new is one of this version, settled among all schools', () => {
		const swatch = newSwatch(told);
		expect(SwatchSchema.parse(swatch)).toEqual(swatch);
		expect(swatch).toMatchObject(told);
		expect(swatch.schools).toContain('slash');
		expect(swatch.schools!.length).toBeGreaterThan(3);
	});

	it('of a newer version says so; of none, which there are', () => {
		const { version } = newSwatch(told);
		const of = (other: unknown) => issueOf(SwatchSchema, { ...newSwatch(told), version: other });
		expect(of(version + 1)).toBe(
			`A newer Pond Loop saved this (version ${version + 1}; this one reads up to ${version}). Reload the page, or open it there.`,
		);
		expect(of('1')).toBe(`Its version must be between 1 and ${version}.`);
		expect(of(0)).toBe(`Its version must be between 1 and ${version}.`);
	});
});

describe('what is wrong with what was read', () => {
	it('is said of its field, or of all of it', () => {
		const todo = 'is not right. Use a file that was saved here, or correct it.';
		expect(issueOf(YarnSchema, { id: 'y', name: 'Grey', fibre: 'wool', squares: 1 })).toBe(`“squares” ${todo}`);
		expect(issueOf(YarnSchema, 7)).toBe(`It ${todo}`);
	});

	it('stands in the outermost named place; a note says more than its leaf', () => {
		const what = 'a control sign (U+0000)';
		const at = (...path: (string | number)[]) => uncleanWords({ path, at: 0, what }).split(',')[0];
		expect(at('note', 'content', 0, 'text')).toBe('In the note');
		// Without a note, the nearest name.
		expect(at('title', 'x', 'text')).toBe('In the text');
		expect(at('glossary', 3)).toBe('In the glossary');
		expect(uncleanWords({ path: [3], at: 0, what })).toBe(`There is ${what}, which cannot be kept. Take it out.`);
	});
});
