import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing, everyTwoGroups } from '../test/arbitraries.ts';
import { turnedRound, valid } from '../test/made.ts';
import {
	asTwoGroups,
	crossing,
	crossingsOfSymbol,
	equal,
	frontAndBehind,
	isOver,
	MAX_STITCHES,
	reversedPairs,
	twoGroups,
} from './index.ts';

const codes = (parts: Parameters<typeof crossing>[0]): string[] => {
	const made = crossing(parts);
	return made.ok ? [] : made.problems.map((p) => p.code);
};

describe('a crossing', () => {
	it('has exactly one upper for each reversed pair, and no other entry', () => {
		fc.assert(
			fc.property(anyCrossing(), fc.nat(), (c, pick) => {
				expect(c.over.length).toBe(reversedPairs(c.order).length);
				if (c.over.length === 0) return;
				const at = pick % c.over.length;
				const [u, l] = c.over[at]!;
				const without = c.over.filter((_, i) => i !== at);
				expect(codes({ ...c, over: without })).toEqual(['over']);
				expect(codes({ ...c, over: [...c.over, [l, u]] })).toEqual(['over']);
				expect(isOver(c, u, l)).toBe(true);
				expect(isOver(c, l, u)).toBe(false);
			}),
		);
	});

	it('does not depend on the order in which its passings are written', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				const again = crossing({ ...c, over: [...c.over].reverse() });
				expect(again.ok && equal(again.value, c)).toBe(true);
			}),
		);
	});

	it.each([
		['no stitches', { order: [], over: [] }, 'size'],
		['too many stitches', { order: Array.from({ length: MAX_STITCHES + 1 }, (_, i) => i + 1), over: [] }, 'size'],
		['a stitch twice', { order: [1, 1], over: [] }, 'order'],
		['a stitch that is not there', { order: [1, 3], over: [] }, 'order'],
		['half a stitch', { order: [1.5, 1], over: [] }, 'order'],
		['an over for stitches that keep their order', { order: [1, 2], over: [[1, 2]] as const }, 'over'],
		['one work for two stitches', { order: [1, 2], over: [], work: ['k'] as const }, 'work'],
	])('is refused with %s', (_, parts, code) => {
		expect(codes(parts)).toEqual([code]);
	});
});

describe('two groups', () => {
	it('are found again in every crossing that was made of them', () => {
		for (const { spec, crossing: c } of everyTwoGroups(6)) {
			const groups = asTwoGroups(c)!;
			const { front, behind } = frontAndBehind(groups);
			expect([front.length, behind.length, groups.lean]).toEqual([spec.front, spec.behind, spec.lean]);
			expect(front.every((s) => behind.every((t) => isOver(c, s, t)))).toBe(true);
		}
	});

	it('keep one order whichever way they lean, and only who is over changes', () => {
		const right = twoGroups({ front: 2, behind: 2, lean: 'right' });
		const left = twoGroups({ front: 2, behind: 2, lean: 'left' });
		expect(right.order).toEqual([3, 4, 1, 2]);
		expect(left.order).toEqual(right.order);
		expect(left.over).toEqual(right.over.map(([u, l]) => [l, u]).sort((a, b) => a[0]! - b[0]! || a[1]! - b[1]!));
	});

	it('are not seen where there are none', () => {
		const plain = valid({ order: [1, 2, 3], over: [] });
		const mixed = valid({
			order: [3, 1, 2],
			over: [
				[3, 1],
				[2, 3],
			],
		});
		expect([plain, mixed, turnedRound].map(asTwoGroups)).toEqual([undefined, undefined, undefined]);
	});
});

describe('a printed symbol', () => {
	it('is the crossing whose front runs unbroken, purled where its cells are', () => {
		fc.assert(
			fc.property(fc.constantFrom(...everyTwoGroups(9)), ({ spec, crossing: c }) => {
				const purled = c.order.flatMap((s, i) => (c.work[s - 1]!.startsWith('p') ? [i + 1] : []));
				const knitted = c.work.every((w) => w === 'k' || w === 'p');
				const made = crossingsOfSymbol({ cells: c.n, unbroken: spec.front, runs: spec.lean, middle: 0, purled });
				expect(!knitted || (made.ok && equal(made.value[0]!, c))).toBe(true);
			}),
		);
		const named = crossingsOfSymbol({ cells: 3, unbroken: 2, runs: 'left', middle: 0, purled: [1] });
		expect(named.ok && named.value.map((c) => c.work)).toEqual([['k', 'k', 'p']]);
		const middle = crossingsOfSymbol({ cells: 5, unbroken: 2, runs: 'right', middle: 1, purled: [3] });
		expect(middle.ok && middle.value.map((c) => [c.n, c.work[2], isOver(c, 2, 3), isOver(c, 4, 1)])).toEqual([
			[5, 'p', false, true],
			[5, 'p', true, true],
		]);
		for (const wrong of [{ unbroken: 5 }, { cells: 1.5 }, { cells: 40 }, { middle: 3 }])
			expect(crossingsOfSymbol({ cells: 5, unbroken: 2, runs: 'left', middle: 0, purled: [], ...wrong }).ok).toBe(
				false,
			);
	});
});
