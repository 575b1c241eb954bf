import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asTwoGroups, equal, frontAndBehind, holdSide, mirror, twoGroups } from '../crossing/index.ts';
import { stateAt } from '../handling/index.ts';
import { anyCrossing, everyTwoGroups } from '../test/arbitraries.ts';
import { named, traceOf, valid } from '../test/made.ts';
import { demonstrate, DEMONSTRATIONS, hand, perform, preferredWay, waysFor } from './index.ts';

describe('the mirror image', () => {
	it('of a mirror image is the crossing itself, and every one of them is valid', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				expect(mirror(mirror(c))).toEqual(c);
				expect(valid(mirror(c))).toEqual(mirror(c));
			}),
		);
	});

	it('leans the other way with the same groups, each worked as before', () => {
		for (const { spec, crossing } of everyTwoGroups(5)) {
			const lean = spec.lean === 'left' ? 'right' : 'left';
			expect(mirror(crossing)).toEqual(twoGroups({ ...spec, lean }));
		}
	});
});

describe('a demonstration', () => {
	it('right-handed makes what was asked; left-handed as written the mirror image; for the same fabric what was asked', () => {
		fc.assert(
			fc.property(anyCrossing(), (c) => {
				const [right, written, same] = DEMONSTRATIONS.map((d) => demonstrate(c, d));
				expect(right).toEqual({ made: c, fabric: c, mirrored: false });
				expect(written).toEqual({ made: c, fabric: mirror(c), mirrored: true });
				expect(same).toEqual({ made: mirror(c), fabric: c, mirrored: true });
				// What a mirrored pair of hands makes is always the mirror image of what it does.
				for (const d of [written!, same!]) expect(equal(mirror(d.made), d.fabric)).toBe(true);
			}),
		);
	});

	it('left-handed for the fabric of a 2/1 RPC holds 2 in front, purls 1, then knits 2', () => {
		const { made } = demonstrate(named('2/1 RPC'), 'left-same');
		const groups = asTwoGroups(made)!;
		expect([groups.tip.length, holdSide(groups.lean)]).toEqual([2, 'front']);
		expect(frontAndBehind(groups).front).toEqual([1, 2]);
		const worked = traceOf(made, 'off-holder').steps.flatMap((s) => (s.move.kind === 'work' ? [s.move.stitch] : []));
		expect(worked).toEqual(['p', 'k', 'k']);
	});

	it('speaks of the needles as these hands hold them, in every move of every way', () => {
		const swap = (words: string): string =>
			words.replace(/\b(left|right)(most| needle)/g, (_, side: string, rest: string) =>
				side === 'left' ? `right${rest}` : `left${rest}`,
			);
		for (const way of waysFor(hand, named('2/2 RPC'))) {
			const trace = traceOf(named('2/2 RPC'), way.id);
			for (let step = 0; step <= trace.steps.length; step++) {
				const right = hand.words(trace, step);
				expect(hand.words(trace, step, { workedOff: 'right', yarnHand: 'left' })).toEqual({
					...right,
					caption: swap(right.caption),
				});
			}
			expect(stateAt(trace, 0).loops.every((l) => l.on === 'left')).toBe(true);
		}
	});
});

describe('the preferred way', () => {
	const taste = { way: 'pinch', withoutHolderUpTo: 4, holderWork: 'returned' } as const;

	it('goes without a cable needle up to the limit, and takes it from there on', () => {
		const ways = ['1/1 RC', '2/2 RC', '3/2 RC', '6/6 LC'].map((name) => preferredWay(named(name), taste));
		expect(ways).toEqual(['pinch', 'pinch', 'returned', 'returned']);
	});

	it('with a cable needle is worked off it or put back first, whatever the limit says', () => {
		for (const [holderWork, way] of [
			['direct', 'off-holder'],
			['returned', 'returned'],
		] as const) {
			expect(preferredWay(named('1/1 LC'), { way: 'holder', withoutHolderUpTo: 8, holderWork })).toBe(way);
			// A way that needs a holder, or that is gone, is no way without one.
			expect(preferredWay(named('1/1 LC'), { ...taste, way: 'off-holder', holderWork })).toBe(way);
			expect(preferredWay(named('1/1 LC'), { ...taste, way: 'by wishing', holderWork })).toBe(way);
		}
	});

	it('can be done with every crossing of two groups', () => {
		for (const { crossing } of everyTwoGroups(4)) {
			const done = perform(hand, crossing, preferredWay(crossing, taste));
			expect(done.ok && done.value.proof.ok).toBe(true);
		}
	});
});
