import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	castOnForWidth,
	fabricFromParents,
	gaugeFrom,
	PULLS,
	pullFor,
	ratioOf,
	relax,
	relaxedBy,
	repeatsForLength,
	rowsUntil,
	spanAcross,
	strainOf,
	strainVerdict,
	type LiesAcross,
	type MeasuredSquare,
	type Square,
} from './index.ts';

/** A cord of a over b crossed every so many rows, with ground at both sides; the row numbers and the mirror image are told. */
function cordOf(
	a: number,
	b: number,
	every: number,
	{ ground = 8, right = 8, rows = 6 * every, mirrored = false } = {},
): { cords: number[]; parents: number[][]; first: number; last: number } {
	const n = a + b;
	const width = right + n + ground;
	const cords = Array.from({ length: width }, (_, i) => {
		const at = i - right;
		return at < 0 || at >= n ? -1 : at < a ? 0 : 1;
	});
	let [near, far] = [a, b];
	const parents = Array.from({ length: rows }, (_, r) => {
		const straight = Array.from({ length: width }, (_, i) => i);
		if (r % every !== Math.floor(every / 2)) return straight;
		const crossed = straight.map((i) => {
			const at = i - right;
			return at < 0 || at >= n ? i : right + (at < far ? at + near : at - far);
		});
		[near, far] = [far, near];
		return crossed;
	});
	if (!mirrored) return { cords, parents, first: right - 1, last: right + n };
	const turn = (row: readonly number[], of: (i: number) => number = (i) => i): number[] => [...row].reverse().map(of);
	return {
		cords: turn(cords),
		parents: parents.map((row) => turn(row, (i) => width - 1 - i)),
		first: ground - 1,
		last: ground + n,
	};
}
type Cord = ReturnType<typeof cordOf>;
const lies = ({ cords, parents }: Pick<Cord, 'cords' | 'parents'>): LiesAcross =>
	relax(fabricFromParents(cords, parents), { tolerance: 1e-7 });
/** Between the ground loops on either side, by the stitches between them plus one; the mean over the middle rows. */
function takeUp(cord: Cord): number {
	const { x } = lies(cord);
	const middle = x.slice(Math.floor(x.length / 3), Math.ceil((2 * x.length) / 3));
	const widths = middle.map((row) => row[cord.last]! - row[cord.first]!);
	return widths.reduce((sum, w) => sum + w, 0) / widths.length / (cord.last - cord.first);
}

describe('a fabric that lies', () => {
	const groups = fc.integer({ min: 1, max: 5 });
	const every = fc.integer({ min: 2, max: 10 });

	it('does not move where nothing crosses', () => {
		const { x, rounds } = lies({
			cords: [-1, 0, 0, -1, -1],
			parents: Array.from({ length: 9 }, () => [0, 1, 2, 3, 4]),
		});
		expect(rounds).toBe(0);
		expect(x.every((row) => row.every((at, c) => Math.abs(at - c) < 1e-9))).toBe(true);
	});

	it('is the mirror image of its mirror image, and turned half round lies the other way about', () => {
		fc.assert(
			fc.property(groups, groups, every, (a, b, rows) => {
				const plain = lies(cordOf(a, b, rows, { right: 3 })).x;
				const mirrored = lies(cordOf(a, b, rows, { right: 3, mirrored: true })).x;
				for (const [r, row] of plain.entries()) {
					const end = mirrored[r]!;
					const shift = row[0]! + end.at(-1)!;
					for (const [c, at] of row.entries()) expect(end[row.length - 1 - c]!).toBeCloseTo(shift - at, 4);
				}
			}),
			{ numRuns: 25 },
		);
	});

	it('takes up no less when wider, and no more with more rows between', () => {
		for (const rows of [4, 6, 8]) {
			const widths = [1, 2, 3, 4, 5].map((k) => takeUp(cordOf(k, k, rows)));
			expect([...widths].sort((x, y) => y - x)).toEqual(widths);
		}
		for (const k of [1, 2, 3, 4]) {
			const rows = [2, 4, 6, 8, 12].map((every) => takeUp(cordOf(k, k, every)));
			expect([...rows].sort((x, y) => x - y)).toEqual(rows);
		}
	});

	it('gives the widths that are usual', () => {
		const found = (
			[
				[1, 4],
				[2, 4],
				[3, 6],
				[4, 8],
			] as const
		).map(([k, every]) => takeUp(cordOf(k, k, every)));
		for (const [i, usual] of [0.95, 0.84, 0.8, 0.77].entries()) expect(Math.abs(found[i]! - usual)).toBeLessThan(0.02);
	});

	it('lies the same wherever it stands, with 8 background stitches on either side', () => {
		const here = takeUp(cordOf(3, 3, 6));
		for (const right of [11, 20]) expect(takeUp(cordOf(3, 3, 6, { right }))).toBeCloseTo(here, 2);
	});

	it('has one answer, whatever it begins from, and goes on from the last one in fewer rounds', () => {
		const { cords, parents } = cordOf(3, 2, 6);
		const fabric = fabricFromParents(cords, parents);
		const once = relax(fabric, { tolerance: 1e-7 });
		const noise = once.x.map((row, r) => row.map((at, c) => at + Math.sin(7 * r + 13 * c)));
		const again = relax(fabric, { tolerance: 1e-7, from: noise });
		for (const [r, row] of once.x.entries()) {
			for (const [c, at] of row.entries()) expect(again.x[r]![c]! - again.x[0]![0]!).toBeCloseTo(at, 4);
		}
		expect(relax(fabric, { from: once.x }).rounds).toBeLessThan(3);
	});

	it('stands over the middle of two that were knitted together, and is held out where it is pinned', () => {
		const { x } = relax({
			rows: [
				{ cords: Int32Array.of(-1, -1, -1, -1) },
				{ cords: Int32Array.of(-1, -1, -1), from: Int32Array.of(0, 1, 3), also: new Map([[1, [2]]]) },
			],
		});
		expect(x[1]![1]! - (x[0]![1]! + x[0]![2]!) / 2).toBeCloseTo(0, 4);
		const { cords, parents } = cordOf(3, 3, 6, { ground: 4, right: 4 });
		const pinned = relax(fabricFromParents(cords, parents), { pinned: 20, tolerance: 1e-7 });
		for (const row of pinned.x) expect(row.at(-1)! - row[0]!).toBeCloseTo(20, 1);
	});

	it('learns from a measured width how much its loops pull, and says between which widths it can lie', () => {
		const { cords, parents } = cordOf(3, 3, 6);
		const fabric = fabricFromParents(cords, parents);
		const wideBy = (pull: number): number => spanAcross(relax(fabric, relaxedBy({ pull })).x);
		const widths = [PULLS.least, 0.5, 1, 2, PULLS.most].map(wideBy);
		expect([...widths].sort((a, b) => b - a)).toEqual(widths);
		fc.assert(
			fc.property(fc.double({ min: widths.at(-1)!, max: widths[0]!, noNaN: true }), (span) => {
				const found = pullFor(fabric, span);
				expect(found.ok && Math.abs(wideBy(found.pull) - span)).toBeLessThan(0.02);
			}),
			{ numRuns: 20 },
		);
		expect(pullFor(fabric, cords.length + 0.5)).toMatchObject({ ok: false, most: expect.closeTo(widths[0]!, 2) });
		expect(pullFor(fabric, widths.at(-1)! - 0.5)).toMatchObject({
			ok: false,
			least: expect.closeTo(widths.at(-1)!, 2),
		});
		// Nothing crosses, nothing is learnt.
		const plain = fabricFromParents([-1, -1, -1], [[0, 1, 2]]);
		expect([pullFor(plain, 3), pullFor(plain, 4).ok]).toEqual([{ ok: true, pull: 1 }, false]);
	});

	it('takes about as many rounds however large it is', () => {
		const rounds = [10, 40, 160].map((many) => {
			const { cords, parents } = cordOf(3, 3, 6, { ground: many, right: many, rows: 2 * many });
			return relax(fabricFromParents(cords, parents)).rounds;
		});
		expect(Math.max(...rounds)).toBeLessThan(20);
	});
});

describe('sizes', () => {
	const some = fc.double({ min: 1, max: 300, noNaN: true });

	it('give both neighbours, and the wish lies between them', () => {
		fc.assert(
			fc.property(some, fc.integer({ min: 1, max: 40 }), fc.integer({ min: 0, max: 9 }), (wish, repeat, other) => {
				const long = repeatsForLength({
					rowsPer10cm: 28,
					setUpRows: other,
					borderRows: 2,
					repeatRows: repeat,
					lengthCm: wish,
				});
				const wide = castOnForWidth({
					stitchesPer10cm: 21,
					edgeStitches: other,
					multiple: repeat,
					plus: 2,
					takeUp: 0.84,
					widthCm: wish,
				});
				for (const [{ below, above, nearer }, size] of [
					[long, (t: typeof long.below) => t.lengthCm],
					[wide, (t: typeof wide.below) => t.widthCm],
				] as const) {
					const of = size as (t: unknown) => number;
					expect(above.repeats - below.repeats).toBeLessThanOrEqual(1);
					expect(of(above)).toBeGreaterThanOrEqual(wish - 1e-6);
					if (below.repeats > 0) expect(of(below)).toBeLessThanOrEqual(wish + 1e-6);
					expect([below.repeats, above.repeats]).toContain(nearer);
				}
			}),
		);
	});

	it('go from one state to another and back by what was measured, and say when that is assumed', () => {
		const squares: Square[] = [
			{ off: { widthCm: 10, lengthCm: 10 }, dry: { widthCm: 9, lengthCm: 11 } },
			{ off: { widthCm: 10, lengthCm: 10 }, dry: { widthCm: 9.4, lengthCm: 10.6 } },
			{ off: { widthCm: 10, lengthCm: 10 }, pinned: { widthCm: 11, lengthCm: 11 } },
		];
		const there = ratioOf('off', 'dry', squares);
		expect([there.squares, there.spread?.across.map((r) => r.toFixed(2))]).toEqual([2, ['0.90', '0.94']]);
		expect(there.across).toBeCloseTo(0.92, 9);
		expect(ratioOf('pinned', 'dry', squares).squares).toBe(0);
		expect(ratioOf('off', 'dry', squares).along * ratioOf('dry', 'off', squares.slice(0, 1)).along).toBeCloseTo(
			1.05 / 1.1,
			1,
		);
	});
});

describe('measured squares', () => {
	const square = (widthCm: number, more: Partial<MeasuredSquare> = {}): MeasuredSquare => ({
		stitches: 20,
		rows: 28,
		of: 'plain',
		sizes: { dry: { widthCm, lengthCm: 10 } },
		...more,
	});

	it('say the gauge of their fabric and state, with how many they are and how far they differ', () => {
		const off = { off: { widthCm: 9, lengthCm: 10 } };
		const told = gaugeFrom(
			[square(10), square(10.4), square(9.8), square(20, { of: 'pattern' }), square(1, { sizes: off })],
			'plain',
		)!;
		expect(told).toMatchObject({
			squares: 3,
			contradict: false,
			gauge: { stitches: 20, rows: 28, of: 'plain', state: 'dry' },
		});
		expect(told.spread.stitches.map((s) => s.toFixed(1))).toEqual(['19.2', '20.4']);
		expect(gaugeFrom([], 'plain')).toBeUndefined();
		expect(gaugeFrom([square(10)], 'pattern')).toBeUndefined();
	});

	it('are shown to contradict each other instead of being averaged away, until one is set aside', () => {
		const odd = square(12);
		expect(gaugeFrom([square(10), odd], 'plain')!.contradict).toBe(true);
		const told = gaugeFrom([square(10), { ...odd, aside: true }], 'plain')!;
		expect([told.contradict, told.squares, told.gauge.stitches]).toEqual([false, 1, 20]);
	});
});

describe('strain', () => {
	const pulled = fc.record({
		travel: fc.integer({ min: 1, max: 8 }),
		rows: fc.integer({ min: 1, max: 20 }),
		fibre: fc.constantFrom('wool', 'synthetic', 'cotton', 'linen'),
		tension: fc.constantFrom('tight', 'usual', 'loose'),
	});

	it('is never easier when wider, never tighter with more rows, and no fibre gives more than wool', () => {
		fc.assert(
			fc.property(pulled, (p) => {
				const strain = strainOf(p);
				expect(strainOf({ ...p, travel: p.travel + 1 })).toBeGreaterThan(strain);
				expect(strainOf({ ...p, rows: p.rows + 1 })).toBeLessThanOrEqual(strain);
				expect(strainOf({ ...p, fibre: 'wool' })).toBeLessThanOrEqual(strain);
				const rows = rowsUntil('snug', p);
				if (rows !== undefined) expect(['easy', 'snug']).toContain(strainVerdict(strainOf({ ...p, rows })));
				if (rows !== undefined && rows > 1) {
					expect(['tight', 'very tight']).toContain(strainVerdict(strainOf({ ...p, rows: rows - 1 })));
				}
			}),
		);
	});

	it('has the verdicts that are usual: as many rows as stitches, mid wool', () => {
		const verdicts = [1, 2, 3, 4, 5].map((k) => strainVerdict(strainOf({ travel: k, rows: 2 * k })));
		expect(verdicts).toEqual(['easy', 'easy', 'snug', 'tight', 'very tight']);
	});
});
