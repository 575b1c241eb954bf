import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGroups } from '../../crossing/index.ts';
import { named } from '../../test/made.ts';
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
		// 3/3 at 20 stitches and 28 rows: a strand of √(15² + 3.571²) mm where one of 3.571 · 2.5 mm is at hand.
		expect(difficulty(twoGroups({ front: 3, behind: 3, lean: 'left' })).strain).toBeCloseTo(1.727, 3);
	});

	it('ranks crossings as knitters do, ties and all', () => {
		const strain = (front: number, behind: number, behindWork: 'k' | 'p' = 'k'): string =>
			difficulty(twoGroups({ front, behind, lean: 'left', behindWork })).strain.toFixed(4);
		const ranks = [
			[strain(1, 1), strain(2, 1, 'p'), strain(1, 1, 'p')],
			[strain(2, 1), strain(1, 2), strain(2, 2), strain(2, 2, 'p')],
			[strain(3, 2), strain(2, 3), strain(3, 3), strain(1, 3), strain(3, 1)],
			[strain(4, 4)],
			[strain(5, 5)],
		];
		expect(ranks.map((tied) => new Set(tied).size)).toEqual([1, 1, 1, 1, 1]);
		const apart = ranks.map(([one]) => Number(one));
		expect([...apart].sort((a, b) => a - b)).toEqual(apart);
		expect(new Set(apart).size).toBe(5);
		// A strand of three groups goes past two: 2/1/2 is as tight as 3/3.
		const three = difficulty(named('2/1/2 RC'));
		expect(three.strain.toFixed(4)).toBe(strain(3, 3));
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
		expect(asks(3, { way: 'pinch' })).toEqual({ steps: 1, because: ['6 stitches without a cable needle, with care'] });
		expect(asks(4, { way: 'pinch' })).toEqual({
			steps: 2,
			because: ['8 stitches without a cable needle, with practice'],
		});
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
