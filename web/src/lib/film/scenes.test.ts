import { describe, expect, it } from 'vitest';
import { FILM, framesOf, isSame, momentOf } from './scenes';

describe('a film', () => {
	it('begins before the first move, goes through all of them without a leap, and rests on each', () => {
		for (const last of [1, 8, 40]) {
			const moments = Array.from({ length: framesOf({ last }) }, (_, k) => momentOf(k));
			expect([moments[0], moments.at(-1)]).toEqual([
				{ at: 0, step: 0 },
				{ at: last, step: last },
			]);
			for (const [k, now] of moments.slice(1).entries()) {
				const before = moments[k]!;
				expect(now.at - before.at).toBeGreaterThanOrEqual(0);
				expect(now.at - before.at).toBeLessThan(0.06);
				expect(now.step - now.at).toBeLessThan(1);
				expect(now.step).toBeGreaterThanOrEqual(Math.floor(now.at));
			}
			for (let step = 0; step <= last; step++)
				expect(moments.filter((m) => isSame({ at: step, step }, m)).length).toBeGreaterThanOrEqual(20);
		}
		// Eight moves are about sixteen seconds.
		expect(framesOf({ last: 8 }) / FILM.rate).toBeCloseTo(16.8, 1);
	});
});
