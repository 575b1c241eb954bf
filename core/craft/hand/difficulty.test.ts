import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGroups } from '../../crossing/index.ts';
import { difficulty, VERDICTS, type YarnAndRows } from '../index.ts';

const wide = (n: number, given: YarnAndRows = {}): string =>
	difficulty(twoGroups({ front: n, behind: n, lean: 'left' }), given).verdict;
const widths = [1, 2, 3, 4, 5, 6, 9];

describe('difficulty', () => {
	it('gives the house verdicts from one number', () => {
		expect(widths.map((n) => wide(n))).toEqual([
			'easy',
			'easy',
			'snug',
			'tight',
			'very tight',
			'very tight',
			'very tight',
		]);
	});

	it('is one verdict worse in stiff fibre, and one better with loose tension or more rows', () => {
		const step = (from: string, by: number): string =>
			VERDICTS[Math.min(3, Math.max(0, VERDICTS.indexOf(from as never) + by))]!;
		for (const n of widths) {
			expect(wide(n, { fibre: 'cotton' })).toBe(step(wide(n), 1));
			expect(wide(n, { fibre: 'linen' })).toBe(step(wide(n), 1));
			expect(wide(n, { tension: 'loose' })).toBe(step(wide(n), -1));
			expect(wide(n, { rows: 2 * n + 2 })).toBe(step(wide(n), -1));
		}
	});

	it('never gets easier with width, nor tighter with rows', () => {
		const given = fc.record({
			fibre: fc.constantFrom('wool' as const, 'cotton' as const, 'linen' as const),
			tension: fc.constantFrom('tight' as const, 'usual' as const, 'loose' as const),
			way: fc.constantFrom('off-holder', 'pinch', 'slip-swap'),
		});
		const size = fc.integer({ min: 1, max: 12 });
		fc.assert(
			fc.property(size, size, fc.integer({ min: 2, max: 30 }), given, (front, behind, rows, yarn) => {
				const number = (a: number, b: number, r?: number): number =>
					difficulty(twoGroups({ front: a, behind: b, lean: 'right' }), { ...yarn, ...(r ? { rows: r } : {}) }).number;
				expect(number(front + 1, behind)).toBeGreaterThanOrEqual(number(front, behind));
				expect(number(front, behind + 1)).toBeGreaterThanOrEqual(number(front, behind));
				expect(number(front, behind, rows + 1)).toBeLessThanOrEqual(number(front, behind, rows));
			}),
		);
	});

	it('asks more of the hands without a holder from 5 stitches on', () => {
		expect([2, 3, 4].map((n) => [wide(n, { way: 'off-holder' }), wide(n, { way: 'pinch' })])).toEqual([
			['easy', 'easy'],
			['snug', 'tight'],
			['tight', 'very tight'],
		]);
		// What is used counts, whatever the way is called.
		expect([wide(3, { way: 'found', holders: 1 }), wide(3, { way: 'found', holders: 0 })]).toEqual(['snug', 'tight']);
	});

	it('says what went into it', () => {
		expect(
			difficulty(twoGroups({ front: 3, behind: 3, lean: 'left' }), { fibre: 'linen', rows: 8, way: 'pinch' }).because,
		).toEqual([
			'a strand goes 3 stitches sideways',
			'linen does not give',
			'a repeat of 8 rows for 6 stitches',
			'6 stitches without a holder',
		]);
	});
});
