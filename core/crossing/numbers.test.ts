import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { listNumbers, shortNumbers } from './index.ts';

describe('stitch numbers', () => {
	it.each([
		[[], ''],
		[[3], '3'],
		[[1, 2], '1 and 2'],
		[[1, 2, 3], '1, 2 and 3'],
		[[1, 2, 3, 4], '1 to 4'],
		[[4, 2, 3, 1], '4, 2, 3 and 1'],
	])('%j read aloud are “%s”', (numbers, words) => {
		expect(listNumbers(numbers)).toBe(words);
	});

	it('are drawn together only where a run is long, and can be counted out again', () => {
		expect(shortNumbers([3, 4, 1, 2])).toBe('3 4 1 2');
		expect(shortNumbers([31, 32, 33, 34, 35, 36, 37, 38, 39, 1, 2])).toBe('31–39 1 2');
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 40 }), (numbers) => {
				const back = shortNumbers(numbers)
					.split(' ')
					.filter(Boolean)
					.flatMap((part) => {
						const [from, to = from] = part.split('–').map(Number) as [number, number?];
						return Array.from({ length: to - from + 1 }, (_, i) => from + i);
					});
				expect(back).toEqual(numbers);
			}),
		);
	});
});
