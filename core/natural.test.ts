import fc from 'fast-check';
import { expect, it } from 'vitest';
import { naturally } from './natural.ts';
import { thousands } from './thousands.ts';

it('sorts names by their numbers, and is an order of all texts', () => {
	expect(['C10F', 'C4F', '2/2 RC', 'c4b', '10/2 LC', 'C4F2'].sort(naturally)).toEqual([
		'2/2 RC',
		'10/2 LC',
		'c4b',
		'C4F',
		'C4F2',
		'C10F',
	]);
	const text = fc.string({ unit: fc.constantFrom('C', 'c', '1', '0', '2', '/', ' '), maxLength: 6 });
	fc.assert(
		fc.property(text, text, text, (a, b, c) => {
			expect(Math.sign(naturally(a, b)) + Math.sign(naturally(b, a))).toBe(0);
			expect(naturally(a, b) === 0).toBe(a === b);
			if (naturally(a, b) <= 0 && naturally(b, c) <= 0) expect(naturally(a, c)).toBeLessThanOrEqual(0);
		}),
	);
});

it('sets numbers in threes', () => {
	fc.assert(fc.property(fc.nat(), (n) => void expect(thousands(n)).toBe(n.toLocaleString('en'))));
});
