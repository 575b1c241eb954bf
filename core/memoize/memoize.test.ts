import { expect, it } from 'vitest';
import { memoize, numbered } from './index.ts';

it('makes the same once, another again, and of many remembers the last', () => {
	let made = 0;
	const twice = memoize(
		2,
		(n: number) => String(n),
		(n) => ({ twice: 2 * n, nth: ++made }),
	);
	expect([twice(3).twice, twice(3).nth, twice(4).nth]).toEqual([6, 1, 2]);
	expect([twice.knows(3), twice.knows(5)]).toEqual([true, false]);
	for (let n = 10; n < 20; n++) twice(n);
	expect(twice.knows(3)).toBe(false);
	expect(twice(3).nth).toBe(13);
});

it('takes what was made elsewhere, or in pieces, for what it would make', () => {
	const upper = memoize(
		9,
		(text: string) => text,
		(text) => text.toUpperCase(),
	);
	upper.keep('ELSEWHERE', 'a');
	expect([upper('a'), upper('b')]).toEqual(['ELSEWHERE', 'B']);
	let pieces = 0;
	const steps = upper.inPieces(function* (text) {
		pieces += 1;
		yield;
		return text.repeat(2);
	}, 'c');
	expect([steps.next().done, steps.next(), upper('c'), pieces]).toEqual([false, { done: true, value: 'cc' }, 'cc', 1]);
	expect(upper.inPieces(() => (function* () {})() as never, 'c').next()).toEqual({ done: true, value: 'cc' });
});

it('gives each object one number as long as it lives', () => {
	const numberOf = numbered();
	const [a, b] = [{}, {}];
	expect([numberOf(a), numberOf(b), numberOf(a)]).toEqual([1, 2, 1]);
});
