import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { between, chainOf, meeting, pathOf, pointAt, upright } from './curve.ts';
import { blend } from './palette.ts';

const coordinate = fc.double({ min: -500, max: 500, noNaN: true });
const curve = fc.tuple(coordinate, coordinate).map(([from, to]) => upright({ x: from, y: 300 }, { x: to, y: 0 }));
const part = fc.double({ min: 0, max: 1, noNaN: true });

describe('curves', () => {
	it('leave and arrive upright, between their ends', () => {
		fc.assert(
			fc.property(curve, part, (c, t) => {
				const p = pointAt(c, t);
				expect(p.x).toBeGreaterThanOrEqual(Math.min(c[0].x, c[3].x) - 1e-6);
				expect(p.x).toBeLessThanOrEqual(Math.max(c[0].x, c[3].x) + 1e-6);
				expect([c[1].x - c[0].x, c[2].x - c[3].x]).toEqual([0, 0]);
			}),
		);
	});

	it('lie as far aside as they are bent, halfway', () => {
		fc.assert(
			fc.property(coordinate, coordinate, coordinate, (from, to, bow) => {
				const { x } = pointAt(upright({ x: from, y: 300 }, { x: to, y: 0 }, bow), 0.5);
				expect(x).toBeCloseTo((from + to) / 2 + bow, 6);
			}),
		);
	});

	it('are cut without moving: a part of a curve runs along the whole', () => {
		fc.assert(
			fc.property(curve, part, part, part, (c, a, b, t) => {
				const [t0, t1] = a < b ? [a, b] : [b, a];
				const piece = pointAt(between(c, t0, t1), t);
				const whole = pointAt(c, t0 + (t1 - t0) * t);
				expect(Math.hypot(piece.x - whole.x, piece.y - whole.y)).toBeLessThan(1e-6);
			}),
		);
	});

	it('meet once when their ends change places, and not when they keep them', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 5, max: 200, noNaN: true }),
				fc.double({ min: 5, max: 200, noNaN: true }),
				(a, b) => {
					const rising = chainOf(upright({ x: 0, y: 300 }, { x: a, y: 0 }));
					const falling = chainOf(upright({ x: a, y: 300 }, { x: a - b, y: 0 }));
					const beside = chainOf(upright({ x: -b, y: 300 }, { x: a - b, y: 0 }));
					const hit = meeting(rising, falling);
					expect(hit).toBeDefined();
					expect(hit!.y).toBeGreaterThan(0);
					expect(hit!.y).toBeLessThan(300);
					expect(meeting(rising, beside)).toBeUndefined();
				},
			),
		);
	});

	it('are written with two decimals', () => {
		expect(pathOf(upright({ x: 1 / 3, y: 10 }, { x: 2 / 3, y: 0 }))).toBe('M0.33 10C0.33 5 0.67 5 0.67 0');
	});
});

describe('colours', () => {
	it('blend from one to the other', () => {
		expect(['#000000', '#ffffff'].map((c) => blend(c, '#ffffff', 0))).toEqual(['#000000', '#ffffff']);
		expect(blend('#102030', '#304050', 0.5)).toBe('#203040');
		expect(blend('#102030', '#304050', 1)).toBe('#304050');
	});
});
