import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { closeNames } from './close.ts';
import { nameParts } from './name-parts.ts';
import { readName, SCHOOLS } from './index.ts';

const terms = (text: string): string[] => nameParts(text).understood.map((p) => p.term);

describe('the parts of a name', () => {
	it.each([
		['2/1 LPC', ['Count', 'Stroke', 'Count', 'LeftPurlCross']],
		['2 over 1 left purl cross', ['Count', 'TimesOrOver', 'Count', 'Left', 'Purl', 'Cross']],
		['cable 4 forward', ['Cable', 'Count', 'Front']],
		['TB6', ['TwistBack', 'Count']],
		['1/1 rc tbl', ['Count', 'Stroke', 'Count', 'RightCross', 'Tbl']],
	])('of %s are told apart by their place', (text, expected) => {
		const parts = nameParts(text);
		expect(parts.understood.map((p) => p.term)).toEqual(expected);
		expect(parts.unknown).toEqual([]);
		expect(parts.shape).toBeDefined();
		expect(parts.understood.every((p) => p.says !== undefined)).toBe(true);
	});

	it('cover the text: every letter typed is in a part, understood or not, and none twice', () => {
		const piece = fc.constantFrom('2', '/', 'RC', 'lpc', 'C', 'F', 'over', ' ', '½', '?', 'wool', '🧶', '-', 'x');
		fc.assert(
			fc.property(fc.array(piece, { maxLength: 10 }), (pieces) => {
				const text = pieces.join('');
				const { understood, unknown } = nameParts(text);
				const parts = [...understood, ...unknown].sort((a, b) => a.from - b.from);
				// What is in no part is a sign that says nothing: a dash between words, a bracket, the end of a line.
				const isLeft = (i: number): boolean => !parts.some((p) => p.from <= i && i < p.to);
				const left = text
					.split('')
					.filter((_, i) => isLeft(i))
					.join('');
				expect(left).toMatch(/^[\s-]*$/);
				if (!/[a-z\d]-|-[a-z]/i.test(text)) expect(left.trim()).toBe('');
				for (const p of parts) expect(text.slice(p.from, p.to)).toBe(p.text);
				for (let i = 1; i < parts.length; i++) expect(parts[i]!.from).toBeGreaterThanOrEqual(parts[i - 1]!.to);
			}),
			{ numRuns: 1500 },
		);
	});

	it('belong to no shape as soon as one is missing or out of place', () => {
		for (const text of [
			'',
			'2',
			'2/',
			'2/2',
			'/2 RC',
			'C4',
			'4F',
			'C F',
			'2/2 RC RC',
			'C4F C4F',
			'2/2/2/2 RC',
			'2/1/2 LC, centre',
			'C4R tbl',
		]) {
			expect(nameParts(text).shape, text).toBeUndefined();
		}
		expect(nameParts('2/2').endsEarly).toBe(true);
		expect(nameParts('2/2 XC').endsEarly).toBe(false);
	});

	it('tell a known part in the wrong place from an unknown one', () => {
		const unknown = nameParts('/ 2/2 RC wool').unknown;
		expect(unknown.map((p) => [p.text, p.says !== undefined])).toEqual([
			['/', true],
			['wool', false],
		]);
	});

	it('hold for a name of any length, in time that grows with it', () => {
		const long = '2/'.repeat(20_000);
		expect(terms(long).length + nameParts(long).unknown.length).toBe(40_000);
	});
});

describe('close names', () => {
	const names = (text: string, school: keyof typeof SCHOOLS = 'slash'): string[] =>
		closeNames(text, SCHOOLS[school], nameParts(text)).map((c) => c.name);

	it('keep the counts that were understood before anything else', () => {
		expect(names('3/2 ZZ').every((n) => n.startsWith('3/2') || n.startsWith('2/3'))).toBe(true);
		expect(names('C6Q', 'total-front-back').slice(0, 2).sort()).toEqual(['C6B', 'C6F']);
	});

	it('find a name in which one letter is wrong, missing, doubled or swapped', () => {
		for (const slip of ['2/2 RK', '2/2 R', '2/2 RCC', '22 RC', '2/2 CR']) expect(names(slip), slip).toContain('2/2 RC');
	});

	it('come from the school’s own examples when nothing is near', () => {
		expect(names('a plain row of garter')).toEqual(SCHOOLS.slash.examples);
	});

	it('keep size, lean and work, and are none where that cannot be', () => {
		expect(names('2/2 RX')).toEqual(['2/2 RC']);
		expect(names('2/1 FPQ')).toEqual(['2/1 LPC']);
		expect(names('4/4 RPX')).toEqual(['4/4 RPC']);
		expect(names('2/2 LC dec')).toEqual([]);
		expect(names('inc 1')).toEqual([]);
	});

	it('are few, different, and all can be read', () => {
		fc.assert(
			fc.property(fc.string({ maxLength: 12 }), (text) => {
				const close = closeNames(text, SCHOOLS.slash, nameParts(text));
				expect(close.length).toBeLessThanOrEqual(3);
				expect(new Set(close.map((c) => c.name)).size).toBe(close.length);
				expect(close.every((c) => readName(c.name, c.school).ok)).toBe(true);
			}),
		);
	});
});
