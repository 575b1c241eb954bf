import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGroups } from '../../crossing/index.ts';
import { strainOf } from '../../fabric/index.ts';
import { difficulty, type YarnAndRows } from '../index.ts';

const wide = (n: number, given: YarnAndRows = {}): string =>
	difficulty(twoGroups({ front: n, behind: n, lean: 'left' }), given).verdict;

describe('difficulty', () => {
	it('is the one number of strain, with the house verdicts', () => {
		expect([1, 2, 3, 4, 5, 9].map((n) => wide(n))).toEqual([
			'easy',
			'easy',
			'snug',
			'tight',
			'very tight',
			'very tight',
		]);
		expect([2, 3].map((n) => wide(n, { fibre: 'cotton' }))).toEqual(['snug', 'tight']);
		expect([wide(4, { tension: 'loose' }), wide(3, { rows: 12 })]).toEqual(['snug', 'easy']);
		// One group wider than the other: the narrow one goes all the way, and its rows are fewer.
		const uneven = difficulty(twoGroups({ front: 3, behind: 1, lean: 'left' }));
		expect([uneven.strain, uneven.verdict]).toEqual([strainOf({ travel: 3, rows: 4 }), 'very tight']);
	});

	it('never gets easier with width in as many rows, nor tighter with rows', () => {
		const given = fc.record({
			fibre: fc.constantFrom('wool' as const, 'cotton' as const, 'linen' as const),
			tension: fc.constantFrom('tight' as const, 'usual' as const, 'loose' as const),
		});
		const size = fc.integer({ min: 1, max: 12 });
		fc.assert(
			fc.property(size, size, fc.integer({ min: 2, max: 30 }), given, (front, behind, rows, yarn) => {
				const strain = (a: number, b: number, r = rows): number =>
					difficulty(twoGroups({ front: a, behind: b, lean: 'right' }), { ...yarn, rows: r }).strain;
				expect(strain(front + 1, behind)).toBeGreaterThanOrEqual(strain(front, behind));
				expect(strain(front, behind + 1)).toBeGreaterThanOrEqual(strain(front, behind));
				expect(strain(front, behind, rows + 1)).toBeLessThanOrEqual(strain(front, behind));
			}),
		);
	});

	it('says apart what the way asks of the hands on top', () => {
		const asks = (n: number, given: YarnAndRows): unknown =>
			difficulty(twoGroups({ front: n, behind: n, lean: 'left' }), given).hands;
		expect(asks(2, { way: 'pinch' })).toEqual({ steps: 0, because: [] });
		expect(asks(3, { way: 'pinch' })).toEqual({ steps: 1, because: ['6 stitches without a holder, with care'] });
		expect(asks(4, { way: 'pinch' })).toEqual({ steps: 2, because: ['8 stitches without a holder, for the bold'] });
		// What is used counts, whatever the way is called.
		expect(asks(3, { way: 'found', holders: 1 })).toEqual({ steps: 0, because: [] });
		expect(wide(3, { way: 'pinch' })).toBe(wide(3, { way: 'off-holder' }));
	});

	it('says what went into it', () => {
		expect(difficulty(twoGroups({ front: 3, behind: 3, lean: 'left' }), { fibre: 'linen', rows: 8 }).because).toEqual([
			'a strand goes 3 stitches sideways',
			'linen does not give',
			'a repeat of 8 rows for 6 stitches',
		]);
	});
});
