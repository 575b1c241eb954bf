import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cleaned, cleanedIn, uncleanAt, uncleanIn, uncleanWords } from './clean.ts';

/** As a database sees it: text without NUL that can be written in UTF-8 and read back. */
const canBeKept = (text: string): boolean => !text.includes('\u0000') && Buffer.from(text, 'utf8').toString() === text;

describe('signs that cannot be kept', () => {
	it('are found where they stand, and said in words', () => {
		const lesson = {
			title: 'Fine',
			steps: [{ asked: { text: '2/2 RC' } }, { note: { content: [{ text: 'slow\u0000ly' }] } }],
		};
		const found = uncleanIn(lesson)!;
		expect(found).toMatchObject({ path: ['steps', 1, 'note', 'content', 0, 'text'], at: 4 });
		expect(uncleanWords(found)).toBe(
			'Step 2: In the note, at sign 5, stands a control sign (U+0000), which cannot be kept. Take it out.',
		);
		expect(uncleanWords(uncleanIn({ title: 'a\ud83d' })!)).toContain('In the title, at sign 2, stands half of a sign');
		expect(uncleanIn({ 'a\u0007': 1 })).toBeDefined();
		expect(uncleanIn({ text: 'k2,\tp2\r\n🧶 עברית é' })).toBeUndefined();
		let deep: unknown = 'x';
		for (let i = 0; i < 5000; i++) deep = [deep];
		expect(uncleanIn(deep)?.what).toContain('within each other');
	});

	it('are all there is that a database refuses, and taking them out leaves the rest', () => {
		fc.assert(
			fc.property(
				fc.string({ unit: 'binary' }),
				fc.string({ unit: fc.constantFrom('a', '\ud83e', '\uddf6', '\u0000') }),
				(a, b) => {
					const text = a + b;
					if (!uncleanAt(text)) expect(canBeKept(text)).toBe(true);
					const clean = cleaned(text);
					expect(uncleanAt(clean)).toBeUndefined();
					expect(cleanedIn({ deep: [text] })).toEqual({ deep: [clean] });
					if (!uncleanAt(text)) expect(clean).toBe(text);
				},
			),
		);
	});
});
