/** Each law of the fabric with figures that were worked out by hand. */

import { describe, expect, it } from 'vitest';
import {
	aboutNeedle,
	ASSUMED_GAUGE,
	ballsFor,
	castOnForWidth,
	cellOf,
	FABRIC_STATES,
	gaugeFrom,
	gaugeIn,
	gramsOf,
	isBrittle,
	isTight,
	learntFrom,
	loopLength,
	type MeasuredSquare,
	ratioOf,
	repeatsForLength,
	rowsAssumed,
	rowsUntil,
	sizeBefore,
	sizeBy,
	SLIPS,
	type Square,
	stateMeasured,
	strainOf,
	strainVerdict,
	yarnMetres,
} from './index.ts';
import { median } from './median.ts';

/** To four figures behind the point. */
const about = (value: number): unknown => expect.closeTo(value, 4);

describe('gauge', () => {
	it('20 stitches and 28 rows in 10 cm: a stitch is 5 mm wide, a row 3.57 mm high', () => {
		expect(cellOf(ASSUMED_GAUGE)).toEqual({ w: 0.5, h: about(0.3571) });
	});

	it('what grows takes fewer stitches in 10 cm: by the assumed ratios, and by a square that was measured', () => {
		expect(gaugeIn(ASSUMED_GAUGE, 'pinned')).toEqual({
			...ASSUMED_GAUGE,
			...{ state: 'pinned', stitches: about(20 / 1.05), rows: about(28 / 1.03) },
		});
		const square = { off: { widthCm: 10, lengthCm: 10 }, dry: { widthCm: 9, lengthCm: 11 } };
		expect(gaugeIn(ASSUMED_GAUGE, 'dry', [square])).toMatchObject({ stitches: about(22.2222), rows: about(25.4545) });
	});
});

describe('states', () => {
	it('are taken for each other by ratios: assumed without a square, the median of those measured in both', () => {
		const ratios = FABRIC_STATES.flatMap((from) => FABRIC_STATES.map((to) => ratioOf(from, to)));
		expect(ratios.map((r) => [r.across.toFixed(3), r.along.toFixed(3), r.squares].join(' '))).toEqual([
			...['1.000 1.000 0', '1.050 1.030 0', '1.020 1.000 0'],
			...['0.952 0.971 0', '1.000 1.000 0', '0.971 0.971 0'],
			...['0.980 1.000 0', '1.029 1.030 0', '1.000 1.000 0'],
		]);
		const of = (widthCm: number, lengthCm: number): Square => ({
			off: { widthCm: 20, lengthCm: 10 },
			dry: { widthCm, lengthCm },
		});
		const squares = [of(22, 9), of(18, 11), of(19, 12), { off: { widthCm: 1, lengthCm: 1 } }];
		expect(ratioOf('off', 'dry', squares)).toEqual({
			across: about(0.95),
			along: about(1.1),
			squares: 3,
			spread: { across: [about(0.9), about(1.1)], along: [about(0.9), about(1.2)] },
		});
		expect(ratioOf('dry', 'dry', squares)).toEqual({ across: 1, along: 1, squares: 4 });
		expect([median([1, 2, 9]), median([1, 2, 4, 9])]).toEqual([2, 3]);
	});

	it('turn a size into the one after, and a wish into the size before', () => {
		expect(sizeBy({ widthCm: 20, lengthCm: 30 }, { across: 1.1, along: 0.9 })).toEqual({
			widthCm: about(22),
			lengthCm: about(27),
		});
		const square = { before: { widthCm: 10, lengthCm: 10 }, after: { widthCm: 9, lengthCm: 11 } };
		expect(sizeBefore(square, { widthCm: 18, lengthCm: 22 })).toEqual({ widthCm: 20, lengthCm: 20 });
	});
});

describe('repeats', () => {
	const long = (lengthCm: number) =>
		repeatsForLength({ rowsPer10cm: 28, setUpRows: 4, borderRows: 2, repeatRows: 8, lengthCm });

	it('20 cm are 56 rows: 4 + 2 and 6 repeats of 8 are 54, 7 are 62, and 6 are nearer', () => {
		expect(long(20)).toEqual({
			below: { repeats: 6, lengthCm: about(19.2857) },
			above: { repeats: 7, lengthCm: about(22.1429) },
			nearer: 6,
		});
	});

	it('halfway between two the larger is taken, what is whole has no neighbours, and there are never fewer than none', () => {
		expect(long(58 / 2.8).nearer).toBe(7);
		expect(long(57.9 / 2.8).nearer).toBe(6);
		const whole = long(54 / 2.8);
		expect([whole.below.repeats, whole.above.repeats, whole.nearer]).toEqual([6, 6, 6]);
		expect(long(1)).toMatchObject({ below: { repeats: 0, lengthCm: about(2.1429) }, above: { repeats: 0 }, nearer: 0 });
	});

	it('20 cm at 20 stitches: edges of 2, repeats of 6 that keep 0.8, and 3 more: 43 stitches are too few, 49 are nearer', () => {
		const asked = { stitchesPer10cm: 20, edgeStitches: 2, multiple: 6, plus: 3, takeUp: 0.8, widthCm: 20 };
		expect(castOnForWidth(asked)).toEqual({
			below: { repeats: 6, castOn: 43, widthCm: about(17.9) },
			above: { repeats: 7, castOn: 49, widthCm: about(20.3) },
			nearer: 7,
		});
	});
});

describe('yarn', () => {
	it('100 m of loops, a tenth to spare, 30 cm wide, a seam of 40 cm and two joins: 113.4 m', () => {
		const asked = { loopsCm: 10_000, widthCm: 30 };
		expect(yarnMetres({ ...asked, seamCm: 40, joins: 2 })).toBeCloseTo(110 + 1.8 + 1 + 0.6, 9);
		expect(yarnMetres({ ...asked, spare: 0 })).toBeCloseTo(101.8, 9);
		expect(gramsOf(113.4, 210)).toBeCloseTo(54, 9);
	});

	it('balls are rounded up for each, or once where they are wound off; what is exactly whole is not rounded', () => {
		expect(ballsFor(75, 50, 6)).toEqual({ forEach: 2, ownForAll: 12, woundForAll: 9 });
		expect(ballsFor(50, 50, 6)).toEqual({ forEach: 1, ownForAll: 6, woundForAll: 6 });
		expect(ballsFor(50.1, 50, 6)).toEqual({ forEach: 2, ownForAll: 12, woundForAll: 7 });
		// 0.1 × 3 is a little more than 0.3 as computers reckon.
		expect(ballsFor(0.1 * 3, 0.1, 1)).toEqual({ forEach: 3, ownForAll: 3, woundForAll: 3 });
	});

	it('a loop at 20 and 28 in 10 cm is √(19 ÷ 5.6) cm long dry, longer soaked and tumbled', () => {
		const square = { stitches: 20, rows: 28 };
		expect([loopLength(square), loopLength(square, 'wet-relaxed'), loopLength(square, 'fully-relaxed')]).toEqual(
			[1.842, 1.964, 2.031].map((l) => expect.closeTo(l, 3)),
		);
	});

	it('slips and breaks by what it is of', () => {
		expect(SLIPS).toEqual({ wool: 0.5, synthetic: 1, cotton: 2, linen: 1.5 });
		expect((['wool', 'synthetic', 'cotton', 'linen'] as const).map(isBrittle)).toEqual([false, false, true, true]);
	});
});

describe('a round', () => {
	it('needs 5 cm more than its needle', () => {
		expect([aboutNeedle(45, 40), aboutNeedle(44.5, 40)]).toEqual([
			{ fits: true, spareCm: 5 },
			{ fits: false, spareCm: 4.5 },
		]);
	});
});

describe('strain', () => {
	const strain = (more: Partial<Parameters<typeof strainOf>[0]> = {}): number =>
		strainOf({ travel: 3, rows: 6, ...more });

	it('three stitches in six rows of mid wool: √(15² + 3.57²) ÷ (3.57 · 2.5) = 1.73', () => {
		expect(strain()).toBeCloseTo(1.727, 3);
		expect(strain({ gauge: { stitches: 10, rows: 10 } })).toBeCloseTo(Math.sqrt(10) / 2.5, 9);
		expect([strain({ rows: 12 }), strain({ rows: 20 })]).toEqual([about(1.07935), about(1.07935)]);
	});

	it('a row lends a quarter of its height: less in cotton, linen and synthetics and by a tight hand, more by a loose one', () => {
		expect([
			...(['synthetic', 'cotton', 'linen'] as const).map((fibre) => strain({ fibre })),
			...(['tight', 'loose'] as const).map((tension) => strain({ tension })),
		]).toEqual([1.7914, 1.8609, 1.8609, 1.8609, 1.5419].map((s) => expect.closeTo(s, 3)));
	});

	it('is easy up to 1.55, snug up to 1.8, tight up to 1.95, and from tight on it is warned of', () => {
		const verdicts = [1.55, 1.551, 1.8, 1.801, 1.95, 1.951].map(strainVerdict);
		expect(verdicts).toEqual(['easy', 'snug', 'snug', 'tight', 'tight', 'very tight']);
		expect(verdicts.map(isTight)).toEqual([false, false, false, true, true, true]);
	});

	it('has rows that make it easy enough: 8 for easy, 6 for snug, 5 for tight; eight stitches wide none will do', () => {
		expect((['easy', 'snug', 'tight'] as const).map((v) => rowsUntil(v, { travel: 3 }))).toEqual([8, 6, 5]);
		expect([rowsUntil('tight', { travel: 8 }), rowsUntil('easy', { travel: 1 })]).toEqual([undefined, 1]);
		// Twelve rows are as many as lend anything: here exactly those are needed.
		expect(rowsUntil('snug', { travel: 5, gauge: { stitches: 20, rows: 28 } })).toBe(12);
		expect(rowsAssumed(3)).toBe(6);
	});
});

describe('what was measured', () => {
	const square = (sizes: Square, more: Partial<MeasuredSquare> = {}): MeasuredSquare => ({
		...{ stitches: 20, rows: 30, of: 'plain', sizes },
		...more,
	});
	const ten = { widthCm: 10, lengthCm: 10 };

	it('is taken in the state in which most squares were measured, of equals in the later one', () => {
		expect(stateMeasured([square({ off: ten }), square({ off: ten, dry: ten })])).toBe('off');
		expect(stateMeasured([square({ off: ten, pinned: ten })])).toBe('pinned');
		expect(stateMeasured([square({ off: ten }), square({ dry: ten }, { aside: true })])).toBe('off');
		expect([stateMeasured([]), stateMeasured([square({ off: ten }, { aside: true })])]).toEqual([undefined, undefined]);
		// Squares of another fabric do not say in which state this one is taken.
		const others = [square({ dry: ten }, { of: 'pattern' }), square({ dry: ten }, { of: 'pattern' })];
		expect(gaugeFrom([square({ off: ten }), ...others], 'plain')!.gauge.state).toBe('off');
	});

	it('is the middle of the squares, with the least and the most; more than 12 in 100 apart they contradict', () => {
		const wide = (widthCm: number, lengthCm: number) => square({ dry: { widthCm, lengthCm } });
		expect(gaugeFrom([wide(10, 10), wide(8, 12), wide(12.5, 10)], 'plain')).toEqual({
			gauge: { stitches: 20, rows: 30, of: 'plain', state: 'dry' },
			squares: 3,
			spread: { stitches: [16, 25], rows: [25, 30] },
			contradict: true,
		});
		const apart = (a: MeasuredSquare, b: MeasuredSquare): boolean => gaugeFrom([a, b], 'plain')!.contradict;
		expect([apart(wide(10, 10), wide(11.1, 10)), apart(wide(10, 10), wide(11.3, 10))]).toEqual([false, true]);
		expect([apart(wide(10, 10), wide(10, 11.1)), apart(wide(10, 10), wide(10, 11.3))]).toEqual([false, true]);
	});

	it('weighs against a default that counts as three measures', () => {
		expect([learntFrom(10, [20]), learntFrom(10, [20, 30], 1), learntFrom(10, [])]).toEqual([12.5, 20, 10]);
	});
});
