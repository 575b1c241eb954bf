import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing, everyThreeGroups, everyTwoGroups } from '../test/arbitraries.ts';
import { valid } from '../test/made.ts';
import {
	asThreeGroups,
	asTwoGroups,
	canonical,
	compose,
	composed,
	crossing,
	type Crossing,
	equal,
	fromCanonical,
	groupsOf,
	invert,
	mirror,
	ofGroups,
	turn,
	twoGroups,
} from './index.ts';

/** Crossings of one count, to be worked on top of each other. */
const rows = (many: number): fc.Arbitrary<Crossing[]> =>
	fc.integer({ min: 1, max: 7 }).chain((n) => fc.array(anyCrossing(n, n), { minLength: many, maxLength: many }));

const plain = (n: number): Crossing => valid({ order: Array.from({ length: n }, (_, i) => i + 1), over: [] });
const rc = twoGroups({ front: 2, behind: 2, lean: 'right' });

describe('composing', () => {
	it('a crossing on nothing, and nothing on a crossing, is the crossing', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				expect(compose(composed(c), { ...plain(c.n), work: plain(c.n).work }).order).toEqual(c.order);
				expect(compose(composed(plain(c.n)), c).one).toEqual(c);
			}),
		);
	});

	it('a crossing and what undoes it leaves nothing crossed', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				const undone = compose(composed(c), invert(c));
				expect([undone.order, undone.tangled, undone.one?.over]).toEqual([plain(c.n).order, [], []]);
				expect(invert(invert(c))).toEqual(c);
				expect(valid(invert(c))).toEqual(invert(c));
			}),
		);
	});

	it('goes together in any grouping', () => {
		fc.assert(
			fc.property(rows(3), ([a, b, c]) => {
				const step = compose(compose(composed(a!), b!), c!);
				const bc = compose(composed(b!), c!);
				// Where b and c are one crossing, it may as well be worked as one.
				fc.pre(bc.one !== undefined);
				const whole = compose(composed(a!), bc.one!);
				expect([whole.order, whole.tangled, whole.one]).toEqual([step.order, step.tangled, step.one]);
			}),
		);
	});

	it('gives a valid crossing, or says which pairs are wound round each other', () => {
		fc.assert(
			fc.property(rows(2), ([a, b]) => {
				const both = compose(composed(a!), b!);
				if (both.one) expect(valid(both.one)).toEqual(both.one);
				else expect(both.tangled.length).toBeGreaterThan(0);
			}),
		);
	});

	it('a right cross on a right cross is a full twist, and on a left cross it is none at all', () => {
		const twice = compose(composed(rc), rc);
		expect([twice.order, twice.one, twice.tangled.length, twice.passings.length]).toEqual([
			[1, 2, 3, 4],
			undefined,
			4,
			8,
		]);
		const lc = twoGroups({ front: 2, behind: 2, lean: 'left' });
		expect(compose(composed(rc), lc).one).toEqual(plain(4));
	});

	it('refuses rows of different counts', () => {
		expect(() => compose(composed(rc), plain(3))).toThrow(/3 stitches cannot follow one of 4/);
	});
});

describe('seen from the other side', () => {
	it('twice is the same crossing, and every lean and every validity stays', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				expect(turn(turn(c))).toEqual(c);
				expect(valid(turn(c))).toEqual(turn(c));
				// A mirror turns the lean, the other side does not: together they commute.
				expect(turn(mirror(c))).toEqual(mirror(turn(c)));
			}),
		);
		for (const { crossing: c } of everyTwoGroups(6)) expect(asTwoGroups(turn(c))?.lean).toBe(asTwoGroups(c)?.lean);
		for (const { crossing: c, spec } of everyThreeGroups(3)) {
			const seen = asThreeGroups(turn(c));
			// A centre behind both lies before both from there.
			if (spec.lies === 'between') expect([seen?.lean, seen?.lies]).toEqual([spec.lean, 'between']);
			else expect(seen).toBeUndefined();
		}
	});

	it('a 2/1 right cross made on the wrong side shows as a 1/2 right cross, knit as purl', () => {
		const made = twoGroups({ front: 2, behind: 1, lean: 'right' });
		expect(turn(made)).toEqual(twoGroups({ front: 1, behind: 2, lean: 'right', frontWork: 'p', behindWork: 'p' }));
	});
});

describe('the canonical line', () => {
	it('tells any two crossings apart, and reads back equal', () => {
		fc.assert(
			fc.property(anyCrossing(6), anyCrossing(6), (a, b) => {
				expect(canonical(a) === canonical(b)).toBe(equal(a, b));
				expect(fromCanonical(canonical(a))).toEqual({ ok: true, value: a });
			}),
		);
		expect(canonical(twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' }))).toBe(
			'3 1 2 | 1>3 2>3 | k k p',
		);
	});

	it('of anything else is refused with a reason', () => {
		for (const line of ['', '1 2', '2 1 | 2>1 | k x', '2 1 || k k', '2 1 | 2>1>1 | k k', '2 1 | 2>1 | k k | k']) {
			expect(fromCanonical(line).ok).toBe(false);
		}
		fc.assert(fc.property(fc.string(), (line) => void expect(typeof fromCanonical(line).ok).toBe('boolean')));
	});
});

describe('groups', () => {
	it('are the runs that stay together, and put together again give the crossing', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				const groups = groupsOf(c);
				expect(groups.flat()).toEqual(plain(c.n).order);
				for (const g of groups) {
					const places = g.map((s) => c.order.indexOf(s));
					expect(places).toEqual(places.map((_, i) => places[0]! + i));
				}
			}),
		);
	});

	it('of any number, in any order, over each other even in a ring', () => {
		const ring = ofGroups({
			sizes: [2, 1, 2],
			order: [3, 2, 1],
			over: [
				[1, 2],
				[2, 3],
				[3, 1],
			],
			work: ['k', 'p', 'k'],
		});
		expect(ring.ok && ring.value.over).toEqual([
			[1, 3],
			[2, 3],
			[3, 4],
			[3, 5],
			[4, 1],
			[4, 2],
			[5, 1],
			[5, 2],
		]);
		expect(ring.ok && asThreeGroups(ring.value)).toBe(undefined);
		const swap = ofGroups({
			sizes: [1, 1, 1, 1],
			order: [2, 1, 4, 3],
			over: [
				[1, 2],
				[4, 3],
			],
		});
		expect(swap.ok && groupsOf(swap.value).length).toBe(4);
		const sixty = ofGroups({ sizes: [30, 30], order: [2, 1], over: [[1, 2]] });
		expect(sixty.ok && sixty.value.over.length).toBe(900);
	});

	it('that cannot be are refused with the reason', () => {
		const refused = (spec: Parameters<typeof ofGroups>[0]): string => {
			const made = ofGroups(spec);
			return made.ok ? 'made' : `${made.problems[0]!.code}: ${made.problems[0]!.what}`;
		};
		expect(refused({ sizes: [2, 0], order: [2, 1], over: [[1, 2]] })).toMatch(/^group: Each group needs at least one/);
		expect(refused({ sizes: [2, 2], order: [2, 2], over: [] })).toMatch(/^group/);
		expect(refused({ sizes: [1, 1], order: [2, 1], over: [] })).toMatch(/^over: Stitches 1 and 2 change places/);
		expect(refused({ sizes: [1, 1], order: [1, 2], over: [[1, 2]] })).toMatch(
			/^over: Stitches 1 and 2 keep their order/,
		);
		expect(refused({ sizes: [31, 30], order: [2, 1], over: [[1, 2]] })).toMatch(/^size: It has 61/);
		expect(crossing({ order: [], over: [] }).ok).toBe(false);
	});

	it('three of them are told from others, with their lean and where the centre lies', () => {
		for (const { crossing: c, spec } of everyThreeGroups(3)) {
			const read = asThreeGroups(c);
			expect([read?.lean, read?.lies]).toEqual([spec.lean, spec.lies]);
			expect([read?.tip.length, read?.centre.length, read?.far.length]).toEqual(spec.sizes);
			expect(asTwoGroups(c)).toBeUndefined();
		}
	});
});
