import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { claimOf, hand, perform } from '../../craft/index.ts';
import { type Crossing, threeGroups, twoGroups } from '../../crossing/index.ts';
import { anyCrossing, everyCrossing, everyTwoGroups } from '../../test/arbitraries.ts';
import { bruteForce, crossingOf } from '../../test/brute-force.ts';
import { turnedRound, valid } from '../../test/made.ts';
import {
	type Found,
	type Move,
	prove,
	search,
	SEARCH_MOVES,
	searching,
	type SearchLimits,
	simulate,
	startState,
	tally,
	type Trace,
	wayFrom,
} from '../index.ts';

const traceFor = (c: Crossing, found: Found): Trace => {
	if (!found.ok) throw new Error('nothing found');
	return simulate(found.moves, startState(c.n));
};
const kinds = (c: Crossing, limits: Partial<SearchLimits>): string => {
	const found = search(c, limits);
	if (!found.ok) return 'none';
	return found.moves.map((m) => (m.kind === 'work' ? m.stitch : m.kind)).join(' ');
};
const lc = (n: number): Crossing => twoGroups({ front: n, behind: n, lean: 'left' });

/** Trying everything for four stitches takes most of a minute, so only some are tried in the short run. */
const isLong = process.env['POND_LOOP_LONG'] === 'yes';

describe('the search', () => {
	it('is never worse for more that it may use, and names the cable needles that its claim is about', () => {
		const transfers = (c: Crossing, limits: Partial<SearchLimits>): number => {
			const found = search(c, limits);
			return found.ok ? tally(traceFor(c, found)).transfers : Infinity;
		};
		fc.assert(
			fc.property(anyCrossing(4), fc.constantFrom(1 as const, 2 as const), (c, holders) => {
				const none = transfers(c, { holders });
				for (const loose of [1, 2, 3]) expect(transfers(c, { holders, loose })).toBeLessThanOrEqual(none);
				const few = search(c, { holders, least: 'tools' });
				if (!few.ok || c.over.length === 0) return;
				const used = tally(traceFor(c, few)).tools;
				expect(few.holders).toBe(used);
				expect(claimOf(few)).toContain(
					used === 0 ? 'without a cable needle' : used === 1 ? 'one cable needle' : 'two cable needles',
				);
				expect(claimOf(search(c, { holders }) as Extract<Found, { ok: true }>)).not.toContain('holder');
			}),
			{ numRuns: 60 },
		);
	});

	it.each<[number, { holders: 0 | 1 | 2; loose: number }, number]>([
		[2, { holders: 2, loose: 2 }, 5],
		[3, { holders: 1, loose: 0 }, 8],
		[3, { holders: 2, loose: 0 }, 6],
		[3, { holders: 0, loose: 1 }, 8],
		[3, { holders: 0, loose: 3 }, 6],
		[3, { holders: 1, loose: 1 }, 5],
		[4, { holders: 0, loose: 2 }, 4],
	])('needs as few moves as trying everything does: %i stitches, %j, up to %i transfers', (n, limits, most) => {
		// More than two half turns are tried with loose loops in the long run only: it takes minutes.
		const plain = bruteForce(n, limits, most, { windings: limits.loose === 0 || isLong ? Infinity : 2 });
		expect(plain.size).toBeGreaterThan(n);
		for (const [made, transfers] of plain) {
			const c = crossingOf(made);
			const found = search(c, limits);
			expect(found.ok && found.claim).toBe('best');
			expect([made, tally(traceFor(c, found)).transfers]).toEqual([made, transfers]);
		}
	});

	it.each<[number, 1 | 2, number]>([
		[4, 1, isLong ? 1 : 15],
		[4, 2, isLong ? 1 : 15],
		...(isLong
			? ([
					[5, 2, 500],
					[5, 1, 500],
				] satisfies [number, 1 | 2, number][])
			: []),
	])(
		'is beaten by nothing that counts: %i stitches, %i cable needles, one crossing of every %i',
		(n, holders, every) => {
			for (const c of everyCrossing(n).filter((_, i) => i % every === 0)) {
				const found = search(c, { holders });
				const { transfers } = tally(traceFor(c, found));
				expect([c, found.ok && found.claim, prove(c, traceFor(c, found)).ok]).toEqual([c, 'best', true]);
				expect([c, [...bruteForce(n, { holders, loose: 0 }, transfers - 1, { target: c }).values()]]).toEqual([c, []]);
			}
		},
	);

	it('winds a pair and unwinds it again, and adds to a cable needle that hangs, where that takes less', () => {
		const c = valid({
			order: [3, 4, 2, 1],
			over: [
				[2, 1],
				[1, 3],
				[1, 4],
				[3, 2],
				[2, 4],
			],
		});
		expect(tally(traceFor(c, search(c, { holders: 1 }))).transfers).toBe(6);
		const without = tally(traceFor(c, search(c, { holders: 1, allow: SEARCH_MOVES.filter((m) => m !== 'add') })));
		expect(without.transfers).toBeGreaterThan(6);
	});

	it('takes no more cable needles than as few transfers need', () => {
		expect(tally(traceFor(lc(2), search(lc(2)))).tools).toBe(1);
	});

	it('says at every moment what is proved by then, and never takes any of it back', () => {
		fc.assert(
			fc.property(anyCrossing(7, 6), (c) => {
				const steps = searching(c, { budget: 2000 });
				let atLeast = 0;
				let transfers = Infinity;
				const rise = (to: number): void => {
					expect(to).toBeGreaterThanOrEqual(atLeast);
					atLeast = to;
				};
				for (let step = steps.next(); ; step = steps.next()) {
					if (!step.done) {
						rise(step.value.atLeast);
						transfers = step.value.transfers ?? transfers;
						continue;
					}
					const found = step.value;
					if (!found.ok) throw new Error('nothing found');
					rise(found.atLeast);
					const made = tally(traceFor(c, found)).transfers;
					expect(made).toBeLessThanOrEqual(transfers);
					expect(made).toBeGreaterThanOrEqual(atLeast);
					expect(found.claim === 'best').toBe(made === atLeast);
					return;
				}
			}),
			{ numRuns: 25 },
		);
	});

	it('goes on from any state that hands can come to, or says that it knows no way', () => {
		const c = lc(2);
		const hold: Move = { kind: 'hold', count: 2, holder: 'holder-1', side: 'front', depth: 'outer' };
		const swung: Move = { kind: 'swing', holder: 'holder-1', side: 'back', depth: 'inner' };
		const after = (...moves: Move[]): Trace => simulate(moves, startState(4));
		const on = (...moves: Move[]): readonly string[] | undefined => wayFrom(c, after(...moves))?.map((m) => m.kind);
		expect(on(hold)).toEqual(['work', 'work', 'work', 'work']);
		expect(on(hold, swung)).toEqual(['swing', 'work', 'work', 'work', 'work']);
		// A loop turned on the way is worked through its leading leg; what was let go is caught again.
		expect(wayFrom(c, after({ ...hold, turned: true }))?.slice(-1)).toMatchObject([{ leg: 'back' }]);
		expect(on({ kind: 'drop', hang: 'front' })?.includes('recapture')).toBe(true);
		expect(on({ kind: 'enter', needle: 'right', skip: 2, count: 2, from: 'behind' })?.[0]).toBe('withdraw');
		expect(on({ kind: 'work', from: 'left', stitch: 'k', leg: 'front' })).toBeUndefined();
	});

	it('reaches all crossings of up to 4 stitches with one cable needle, and none is left out by trying everything', () => {
		// 1·3·7·15: a permutation of i stitches with a coin for each pair that changes order.
		const sizes = isLong ? [2, 3, 4] : [2, 3];
		const found = sizes.map((n) => bruteForce(n, { holders: 1, loose: 0 }, 9).size);
		expect(found).toEqual([3, 21, 315].slice(0, sizes.length));
	});

	it('makes exactly the crossing, whatever it is, and says when it is not proved the best', () => {
		fc.assert(
			fc.property(anyCrossing(6), (c) => {
				const found = search(c, { budget: 3000 });
				expect(prove(c, traceFor(c, found)).checks.filter((check) => !check.ok)).toEqual([]);
			}),
			{ numRuns: 150 },
		);
		const ring = valid({
			order: [6, 5, 4, 3, 2, 1],
			over: [
				[1, 2],
				[2, 3],
				[3, 1],
				[4, 1],
				[1, 5],
				[6, 1],
				[4, 2],
				[5, 2],
				[2, 6],
				[3, 4],
				[5, 3],
				[6, 3],
				[4, 5],
				[6, 4],
				[5, 6],
			],
		});
		const soon = search(ring, { budget: 5 });
		expect([soon.ok, soon.ok && soon.claim]).toEqual([true, 'none']);
		expect(prove(ring, traceFor(ring, soon)).ok).toBe(true);
	});

	it('finds the ways that are taught by itself', () => {
		expect(kinds(lc(3), {})).toBe('hold k k k k k k');
		expect(kinds(lc(3), { allow: SEARCH_MOVES.filter((m) => m !== 'off-holder') })).toBe('hold k k k return k k k');
		expect(kinds(lc(2), { holders: 0, loose: 4, allow: ['enter', 'return'] })).toBe(
			'enter withdraw recapture return k k k k',
		);
		const between = threeGroups({ sizes: [2, 1, 2], lean: 'left', lies: 'between' });
		const behind = threeGroups({ sizes: [2, 1, 2], lean: 'left', lies: 'behind' });
		expect(between.ok && kinds(between.value, { holders: 1 })).toBe('hold k k return k k k');
		expect(behind.ok && kinds(behind.value, {})).toBe('hold hold k k k k k');
		const rt = twoGroups({ front: 1, behind: 1, lean: 'right' });
		expect(kinds(rt, { holders: 0 })).toBe('k k release');
		expect(kinds(lc(1), { holders: 0, loose: 1 })).toBe('drop k recapture k');
	});

	it('without a cable needle is never worse than pinching or slipping', () => {
		for (const { crossing: c } of everyTwoGroups(3)) {
			const best = tally(traceFor(c, search(c, { holders: 0, loose: c.n })));
			for (const way of ['pinch', 'slip-swap']) {
				const done = perform(hand, c, way);
				expect(done.ok && done.value.tally.moves).toBeGreaterThanOrEqual(best.moves);
			}
		}
	});

	it('keeps small what it is asked to', () => {
		const loose = tally(traceFor(turnedRound, search(turnedRound, { holders: 1, loose: 3, least: 'loose' })));
		const moves = tally(traceFor(turnedRound, search(turnedRound, { holders: 1, loose: 3, least: 'moves' })));
		expect(loose.looseMoves).toBe(0);
		expect(moves.moves).toBeLessThanOrEqual(loose.moves);
		expect(tally(traceFor(lc(2), search(lc(2), { loose: 4, least: 'tools' }))).tools).toBe(0);
		const purled = twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' });
		expect(tally(traceFor(purled, search(purled, { least: 'yarn' }))).yarnShifts).toBe(2);
	});

	it('keeps to the limits, parting a group where fewer may hang loose than it has', () => {
		fc.assert(
			fc.property(anyCrossing(5, 2), fc.integer({ min: 1, max: 3 }), (c, most) => {
				const counted = tally(traceFor(c, search(c, { holders: 0, loose: most, budget: 4000 })));
				expect(counted.mostLoose).toBeLessThanOrEqual(most);
				expect(counted.tools).toBe(0);
			}),
			{ numRuns: 60 },
		);
	});

	it('says which limit to lift when there is no procedure, having looked at everything', () => {
		expect(search(lc(2), { holders: 0 })).toMatchObject({
			ok: false,
			proven: true,
			lift: [
				{ what: 'holders', to: 1 },
				{ what: 'loose', to: 1 },
			],
		});
		expect(search(lc(2), { holders: 1, allow: ['hold', 'swing'] })).toMatchObject({
			ok: false,
			lift: [{ what: 'return' }, { what: 'off-holder' }],
		});
	});

	it('stops looking soon where there are many pieces to keep apart, and gives a plain procedure', () => {
		fc.assert(
			fc.property(
				anyCrossing(30, 9),
				fc.constantFrom({ holders: 1 as const }, { holders: 0 as const, loose: 1 }),
				(c, limits) => {
					const found = search(c, limits);
					expect(found.looked).toBeLessThan(10_000);
					expect(prove(c, traceFor(c, found)).checks.filter((check) => !check.ok)).toEqual([]);
				},
			),
			{ numRuns: 12 },
		);
		// Nine in seven groups, the widest of which may not hang loose whole.
		const nine = valid({
			order: [5, 6, 7, 4, 2, 1, 8, 9, 3],
			over: [
				[2, 1],
				[4, 1],
				[4, 2],
				[4, 3],
				[5, 1],
				[5, 2],
				[5, 3],
				[5, 4],
				[6, 1],
				[6, 2],
				[6, 3],
				[6, 4],
				[7, 1],
				[7, 2],
				[7, 3],
				[7, 4],
				[8, 3],
				[9, 3],
			],
		});
		expect(search(nine, { holders: 0, loose: 1 }).looked).toBeLessThan(10_000);
		// Ten stitches, of which no more than two may hang loose: the groups are parted.
		expect(tally(traceFor(lc(5), search(lc(5), { holders: 0, loose: 2 }))).mostLoose).toBeLessThanOrEqual(2);
		const sixty = valid({
			order: Array.from({ length: 60 }, (_, i) => 60 - i),
			over: Array.from({ length: 60 }, (_, i) => i + 1).flatMap((a) =>
				Array.from({ length: 60 - a }, (_, k): [number, number] =>
					(a * k) % 3 === 0 ? [a, a + k + 1] : [a + k + 1, a],
				),
			),
		});
		const found = search(sixty);
		expect([found.ok && found.claim, found.looked]).toEqual(['none', 0]);
		expect(prove(sixty, traceFor(sixty, found)).ok).toBe(true);
	});

	it('looks at no more positions for wider groups', () => {
		const looked = [2, 6, 30].map((n) => search(lc(n)).looked);
		expect(new Set(looked).size).toBe(1);
	});
});
