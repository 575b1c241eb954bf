/** What each operation on crossings gives, with figures that were worked out by hand. */

import { describe, expect, it } from 'vitest';
import { valid } from '../test/made.ts';
import {
	asThreeGroups,
	asTwoGroups,
	canonical,
	changedGroup,
	changedPairs,
	compose,
	composed,
	crossing,
	type CrossingParts,
	crossingsOfSymbol,
	type Draft,
	equal,
	FIRST_DRAFT,
	flipped,
	fromCanonical,
	groupsOf,
	holdSide,
	invert,
	isOver,
	mirror,
	ofGroups,
	placed,
	reachOf,
	settle,
	threeGroups,
	travelsOf,
	turn,
	twoGroups,
	withFacesChanged,
	withGroup,
	withoutGroup,
} from './index.ts';

const lpc = twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' });
const rc = twoGroups({ front: 2, behind: 2, lean: 'right' });

describe('2/1 LPC', () => {
	it('as seen, mirrored, from behind, undone, and with knit and purl changed', () => {
		expect(canonical(lpc)).toBe('3 1 2 | 1>3 2>3 | k k p');
		expect(canonical(mirror(lpc))).toBe('2 3 1 | 2>1 3>1 | p k k');
		expect(canonical(turn(lpc))).toBe('2 3 1 | 1>2 1>3 | k p p');
		expect(canonical(invert(lpc))).toBe('2 3 1 | 2>1 3>1 | p k k');
		expect(canonical(withFacesChanged(lpc))).toBe('3 1 2 | 1>3 2>3 | p p k');
		const tbl = valid({ order: [2, 1], over: [[2, 1]], work: ['ktbl', 'ptbl'] });
		expect([turn(tbl).work, withFacesChanged(tbl).work]).toEqual([
			['ktbl', 'ptbl'],
			['ptbl', 'ktbl'],
		]);
	});

	it('goes two stitches at most; the purled one behind pulls half as much', () => {
		expect(reachOf(lpc)).toBe(2);
		expect(travelsOf(lpc)).toEqual([
			{ stitch: 3, sideways: 2, pulls: 1 },
			{ stitch: 1, sideways: 1, pulls: 1 },
			{ stitch: 2, sideways: 1, pulls: 1 },
		]);
		// Purled and in front it pulls with all of its travel; what stays where it is does not travel.
		const still = valid({ order: [2, 1, 3], over: [[2, 1]], work: ['k', 'p', 'k'] });
		expect(travelsOf(still)).toEqual([
			{ stitch: 2, sideways: 1, pulls: 1 },
			{ stitch: 1, sideways: 1, pulls: 1 },
		]);
		expect(reachOf({ order: [1, 2] })).toBe(0);
	});

	it('on top of another crossing: the stitches that are met then are renumbered, and worked as they were last', () => {
		const both = compose(composed(lpc), twoGroups({ front: 1, behind: 2, lean: 'right', frontWork: 'p' }));
		// 3 1 2, of which the last one goes to the front and over the two others.
		expect([both.order, both.tangled]).toEqual([[2, 3, 1], []]);
		// The second one comes back over the third, which undoes that; over the first it passes for the first time.
		expect(both.one).toEqual({
			...{ n: 3, order: [2, 3, 1] },
			over: [
				[1, 3],
				[2, 1],
			],
			work: ['k', 'p', 'k'],
		});
	});

	it('is equal to itself alone', () => {
		expect(equal(lpc, { ...lpc })).toBe(true);
		const others: Partial<typeof lpc>[] = [
			{ n: 4 },
			{ order: [3, 2, 1] },
			{ work: ['k', 'k', 'k'] },
			{
				over: [
					[3, 1],
					[2, 3],
				],
			},
			{
				over: [
					[1, 2],
					[2, 3],
				],
			},
		];
		for (const other of others) expect(equal(lpc, { ...lpc, ...other })).toBe(false);
		expect([isOver(lpc, 1, 3), isOver(lpc, 3, 1), isOver(lpc, 1, 2)]).toEqual([true, false, undefined]);
	});
});

describe('what is no crossing', () => {
	const refused = (parts: CrossingParts): string[] => {
		const made = crossing(parts);
		return made.ok ? [] : made.problems.map((p) => `${p.what} ${p.todo}`);
	};

	it('is refused in words that name the stitches', () => {
		const order = [2, 1];
		expect(refused({ order, over: [] })).toEqual([
			'Stitches 1 and 2 change places, and nothing says which is on top. Say whether 1 or 2 is on top.',
		]);
		const twice = [
			[1, 2],
			[2, 1],
		] as const;
		expect(refused({ order, over: twice })).toEqual([
			'Stitches 2 and 1 cross twice. Say once which of the two is on top.',
		]);
		expect(refused({ order: [1, 2], over: [[1, 2]] })).toEqual([
			'Stitches 1 and 2 keep their order, so neither is on top. Leave that pair out, or change the order.',
		]);
		for (const pair of [
			[0, 1],
			[1, 3],
			[1.5, 2],
			[2, 0.5],
		] as const)
			expect(refused({ order, over: [[1, 2], pair] })[0]).toMatch(/keep their order/);
		expect(refused({ order, over: [[1, 2]], work: ['k', 'k', 'k'] })).toEqual([
			'3 stitches are given a way to work them, but there are 2. Say for each stitch how it is worked.',
		]);
		expect(refused({ order: [0, 1], over: [] })[0]).toBe(
			'The order 0 1 does not name each stitch from 1 to 2 once. Name each stitch exactly once.',
		);
		expect(refused({ order: [], over: [] })).toEqual(['It has no stitches. Use between 1 and 60 stitches.']);
	});

	it('one stitch and sixty are crossings, sixty-one are none', () => {
		const straight = (n: number): CrossingParts => ({ order: Array.from({ length: n }, (_, i) => i + 1), over: [] });
		expect([1, 60, 61].map((n) => refused(straight(n)))).toEqual([
			[],
			[],
			['It has 61 stitches. Use between 1 and 60 stitches.'],
		]);
	});

	it('a line of fewer or more parts, another work or a pair of three is none', () => {
		expect(fromCanonical('2 1|2>1|k ptbl').ok).toBe(true);
		for (const line of ['2 1 | 2>1', '2 1 | 2>1 | k k |', '2 1 | 2>1 | k q', '2 1 | 2>1>2 | k k']) {
			const read = fromCanonical(line);
			expect(read.ok ? '' : read.problems[0]!.code).toBe('canonical');
		}
		const half = fromCanonical('2 1 | | k k');
		expect(half.ok ? '' : half.problems[0]!.code).toBe('over');
	});
});

describe('groups', () => {
	it('2/2 RC: the far two pass in front, held at the back; 2/2 LC the other way', () => {
		expect(asTwoGroups(rc)).toEqual({ tip: [1, 2], far: [3, 4], lean: 'right' });
		expect([holdSide('right'), holdSide('left')]).toEqual(['back', 'front']);
		expect(canonical(twoGroups({ front: 1, behind: 2, lean: 'right', frontWork: 'ktbl', behindWork: 'p' }))).toBe(
			'3 1 2 | 3>1 3>2 | p p ktbl',
		);
		expect(() => twoGroups({ front: 0, behind: 2, lean: 'right' })).not.toThrow();
		expect(() => twoGroups({ front: 40, behind: 30, lean: 'right' })).toThrow(/70 stitches/);
	});

	it('one stitch of the front group that passes behind makes two groups none', () => {
		const parts = {
			order: [3, 4, 1, 2],
			over: [
				[3, 1],
				[3, 2],
				[4, 1],
				[2, 4],
			],
		} as const;
		expect(asTwoGroups(valid(parts))).toBeUndefined();
		const swapped = { order: [4, 3, 1, 2], over: [[4, 3], ...parts.over] } as const;
		expect(asTwoGroups(valid(swapped))).toBeUndefined();
		expect(groupsOf(valid(swapped))).toEqual([[1, 2], [3], [4]]);
	});

	it('three: the outer two change places, the centre lies between them or behind both', () => {
		const lines = (['left', 'right'] as const).flatMap((lean) =>
			(['between', 'behind'] as const).map((lies) => {
				const made = threeGroups({ sizes: [1, 2, 1], lean, lies, outerWork: 'k', centreWork: 'p' });
				return made.ok ? canonical(made.value) : '';
			}),
		);
		expect(lines).toEqual([
			'4 2 3 1 | 1>2 1>3 1>4 2>4 3>4 | k p p k',
			'4 2 3 1 | 1>2 1>3 1>4 4>2 4>3 | k p p k',
			'4 2 3 1 | 2>1 3>1 4>1 4>2 4>3 | k p p k',
			'4 2 3 1 | 1>2 1>3 4>1 4>2 4>3 | k p p k',
		]);
		const read = lines.map((line) => {
			const c = fromCanonical(line);
			return c.ok ? asThreeGroups(c.value) : undefined;
		});
		expect(read.map((r) => [r?.lean, r?.lies])).toEqual([
			['left', 'between'],
			['left', 'behind'],
			['right', 'between'],
			['right', 'behind'],
		]);
		expect(read[0]).toMatchObject({ tip: [1], centre: [2, 3], far: [4] });
		// The centre before both, or its two stitches apart, is neither.
		for (const line of [
			'3 2 1 | 1>3 2>1 2>3 | k k k',
			'4 2 3 1 | 1>2 1>3 1>4 2>4 4>3 | k k k k',
			'3 1 2 | 3>1 3>2 | k k k',
		]) {
			const c = fromCanonical(line);
			expect(c.ok && asThreeGroups(c.value)).toBeUndefined();
		}
		// Four groups are not three, and three in another order are none.
		expect(
			asThreeGroups(
				valid({
					order: [2, 1, 4, 3],
					over: [
						[1, 2],
						[3, 4],
					],
				}),
			),
		).toBeUndefined();
		expect(
			asThreeGroups(
				valid({
					order: [2, 3, 1].map((n) => n),
					over: [
						[1, 2],
						[1, 3],
					],
				}),
			),
		).toBeUndefined();
	});

	it('a group is missing, named twice, of half a stitch or one too many: refused', () => {
		const code = (spec: Partial<Parameters<typeof ofGroups>[0]>): string => {
			const made = ofGroups({ sizes: [1, 1], order: [2, 1], over: [[1, 2]], ...spec });
			return made.ok ? 'made' : made.problems[0]!.code;
		};
		expect(
			[{}, { order: [2] }, { order: [2, 2] }, { order: [2, 3] }, { order: [2, 1, 2] }, { sizes: [1.5, 1] }].map(code),
		).toEqual(['made', 'group', 'group', 'group', 'group', 'group']);
		expect(code({ over: [[1, 3]] })).toBe('over');
		const worked = ofGroups({ sizes: [2, 1], order: [2, 1], over: [[2, 1]], work: ['p', 'k'] });
		expect(worked.ok && canonical(worked.value)).toBe('3 1 2 | 3>1 3>2 | p p k');
	});
});

describe('passings one after another', () => {
	const over = (upper: number | undefined, a: number, b: number) => ({ pair: [a, b] as const, upper });

	it('back under the same one is undone, over the other one is wound round, in one plane it is level', () => {
		expect(settle([over(2, 1, 2), over(2, 2, 1)])).toEqual({ over: [], tangled: [], level: [] });
		expect(settle([over(2, 1, 2), over(1, 1, 2)])).toEqual({ over: [], tangled: [[1, 2]], level: [] });
		expect(settle([over(undefined, 3, 1)])).toEqual({ over: [], tangled: [], level: [[1, 3]] });
		expect(settle([over(undefined, 1, 2), over(undefined, 1, 2)]).level).toEqual([[1, 2]]);
		expect(settle([over(1, 1, 2), over(3, 3, 1), over(1, 2, 1), over(1, 1, 2)])).toEqual({
			over: [
				[1, 2],
				[3, 1],
			],
			...{ tangled: [], level: [] },
		});
	});
});

describe('a draft of three groups', () => {
	const three: Draft = withGroup(FIRST_DRAFT);

	it('changes order, and has one upper for each pair that does', () => {
		expect(changedPairs([3, 1, 2])).toEqual([
			[1, 3],
			[2, 3],
		]);
		expect(three).toEqual({
			groups: [
				{ size: 2, work: 'k' },
				{ size: 2, work: 'k' },
				{ size: 1, work: 'k' },
			],
			order: [2, 1, 3],
			over: [[1, 2]],
		});
		expect(placed(three, 3, 0)).toMatchObject({
			order: [3, 2, 1],
			over: [
				[2, 3],
				[1, 3],
				[1, 2],
			],
		});
		// Beyond either end is at that end.
		expect([placed(three, 2, 9).order, placed(three, 3, -2).order]).toEqual([
			[1, 3, 2],
			[3, 2, 1],
		]);
		expect(flipped(placed(three, 3, 0), 3, 1).over).toEqual([
			[2, 3],
			[3, 1],
			[1, 2],
		]);
		expect(flipped(three, 1, 3).over).toEqual([[1, 2]]);
	});

	it('loses a group, and those beyond it are called one less', () => {
		const worked = changedGroup(placed(three, 3, 0), 3, { work: 'p' });
		expect(withoutGroup(worked, 1)).toEqual({
			groups: [
				{ size: 2, work: 'k' },
				{ size: 1, work: 'p' },
			],
			order: [2, 1],
			over: [[1, 2]],
		});
		expect(withoutGroup(worked, 3)).toMatchObject({ order: [2, 1], over: [[1, 2]] });
	});
});

describe('a printed symbol', () => {
	it('may have from two to twenty-four cells, at least one of each kind', () => {
		const read = (more: object) =>
			crossingsOfSymbol({ cells: 4, unbroken: 2, runs: 'right', middle: 0, purled: [], ...more });
		expect([{}, { cells: 24 }, { cells: 3, unbroken: 1, middle: 1 }].map((m) => read(m).ok)).toEqual([
			true,
			true,
			true,
		]);
		for (const wrong of [
			...[{ cells: 25 }, { unbroken: 0 }, { unbroken: 4 }, { middle: -1 }, { middle: 2 }],
			...[{ unbroken: 1.5 }, { middle: 0.5 }],
		])
			expect(read(wrong).ok).toBe(false);
		const purled = read({ purled: [1, 4] });
		expect(purled.ok && purled.value.map(canonical)).toEqual(['3 4 1 2 | 3>1 3>2 4>1 4>2 | k p p k']);
	});
});
