import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asThreeGroups, asTwoGroups, type Crossing, equal, groupsOf, turn } from '../crossing/index.ts';
import { applyMove, type HandState, type Move, startState } from '../handling/index.ts';
import { anyCrossing, everyThreeGroups, everyTwoGroups } from '../test/arbitraries.ts';
import { named, traceOf } from '../test/made.ts';
import { craftOf, CRAFTS, keepsFaces, layerOf, nearestThatFits, perform, stretchOf, waysFor } from './index.ts';
import { SCOPES } from '../swatch/index.ts';

const everyday = [...everyTwoGroups(4), ...everyThreeGroups(2)].map((e) => e.crossing);
const other = CRAFTS.filter((c) => c.id !== 'hand');
const leanOf = (c: Crossing): string | undefined => (asTwoGroups(c) ?? asThreeGroups(c))?.lean;
const problemOf = (id: Parameters<typeof craftOf>[0], c: Crossing, way: string): string => {
	const taken = craftOf(id).takes(c, way);
	return taken.ok ? '' : `${taken.problems[0]!.what} ${taken.problems[0]!.todo}`;
};

describe.each(other)('$title', (craft) => {
	it('ends each way of each crossing that it takes in exactly that crossing of its loops, whole, and in its faces', () => {
		let made = 0;
		for (const c of everyday) {
			const ways = waysFor(craft, c);
			// What is taken can be made at least one way, and what is refused none.
			const taken = craft.ways.some((w) => craft.takes(c, w.id).ok);
			expect([ways.length > 0, c], craft.id).toEqual([taken, c]);
			for (const way of ways) {
				const done = perform(craft, c, way.id);
				if (!done.ok) throw new Error(done.problems[0]!.what);
				const { proof, taken, trace } = done.value;
				expect([proof.checks.filter((k) => !k.ok).map((k) => k.says), craft.id, way.id]).toEqual([
					[],
					craft.id,
					way.id,
				]);
				expect(trace.outcome.order).toEqual(taken.loops.order);
				for (const face of taken.faces) {
					// From behind, a centre that lies behind both is before both, and that has no everyday lean.
					const lean = leanOf(face.crossing);
					expect(face.crossing.over.length === 0 || lean === undefined || lean === leanOf(c)).toBe(true);
				}
				made += 1;
			}
		}
		expect(made).toBeGreaterThan(40);
	});

	it('tells each move in words of its own, and refuses with a reason and what to do', () => {
		const c = named('2/2 RC');
		for (const way of waysFor(craft, c)) {
			const done = perform(craft, c, way.id);
			if (!done.ok) throw new Error(done.problems[0]!.what);
			const { trace } = done.value;
			const told = trace.steps.map((_, i) => craft.words(trace, i + 1));
			expect(told.every((w) => w.caption.endsWith('.') && w.label.length > 2)).toBe(true);
		}
		fc.assert(
			fc.property(anyCrossing(12), fc.constantFrom(...craft.ways), (any, way) => {
				const taken = craft.takes(any, way.id);
				if (taken.ok) expect(taken.value.loops.n % any.n).toBe(0);
				else expect(taken.problems.every((p) => p.what.endsWith('.') && p.todo.endsWith('.'))).toBe(true);
			}),
		);
	});
});

describe('twisted', () => {
	it('works strands through the back loop and leaves the background, and is no wider than 3 over 3', () => {
		const taken = craftOf('twisted').takes(named('2/1 RPC'), 'off-holder');
		expect(taken.ok && taken.value.loops.work).toEqual(['p', 'ktbl', 'ktbl']);
		expect(problemOf('twisted', named('4/4 LC'), 'off-holder')).toContain('3 over 3');
	});
});

describe('slipped', () => {
	it('stretches more the older and the further, and says how far is too far', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 8 }), fc.integer({ min: 0, max: 8 }), (age, reach) => {
				expect(stretchOf(age + 1, reach)).toBeGreaterThan(stretchOf(age, reach) - 1e-9);
				expect(stretchOf(age, reach + 1)).toBeGreaterThanOrEqual(stretchOf(age, reach));
			}),
		);
		expect(problemOf('slipped', named('1/4 LC'), 'off-holder')).toMatch(
			/pass 4 others\. Let it pass 3 at most: 1 over 3/,
		);
	});
});

describe('brioche', () => {
	it('takes even shifts alone, and offers the nearest crossing that fits, with the same lean', () => {
		expect(problemOf('brioche', named('1/1 RC'), 'off-holder')).toContain('nearest that fits: 1/1/1');
		expect(problemOf('brioche', named('3/3 LC'), 'off-holder')).toMatch(/move 3 columns.*nearest that fits: /);
		for (const c of everyday) {
			const near = nearestThatFits(c)!;
			expect([keepsFaces(near), leanOf(near)]).toEqual([true, leanOf(c)]);
			if (keepsFaces(c)) expect(groupsOf(near).map((g) => g.length)).toEqual(groupsOf(c).map((g) => g.length));
		}
	});

	it('offers the fewest changes: a unit more in the centre for three over three, one fewer in front for three over two', () => {
		const nearest = (name: string) => nearestThatFits(named(name))!.order.join(' ');
		expect(nearest('3/3 LC')).toBe('5 6 7 4 1 2 3');
		expect(nearest('3/2 LPC')).toBe('3 4 1 2');
		expect(nearest('1/2 RC')).toBe('3 4 1 2');
		expect(nearest('2/2 LC')).toBe('3 4 1 2');
	});

	it('works knit columns as brk, slips purl columns with their yarn-over, and changes them over on the back', () => {
		const parted = perform(craftOf('brioche'), named('2/2 LC'), 'off-holder', { id: 'split', site: 0 });
		expect(parted.ok && parted.value.proof.ok).toBe(false);
		expect(craftOf('brioche').mistakes.find((m) => m.id === 'split')!.title).toContain('yarn-over');
		const taken = craftOf('brioche').takes(named('2/2 LC'), 'off-holder');
		if (!taken.ok) throw new Error('2/2 fits');
		const [front, back] = taken.value.faces;
		expect(front!.crossing.work).toEqual(['k', 'p', 'k', 'p']);
		expect(equal(turn(back!.crossing), front!.crossing)).toBe(true);
		const trace = traceOf(named('2/2 LC'), 'off-holder', craftOf('brioche'));
		expect([2, 4].map((i) => craftOf('brioche').words(trace, i).label)).toEqual(['Brk 3', 'Sl1yo 4']);
	});
});

describe('double-knitting', () => {
	it('crosses both layers, the facing one or the back one, and leaves the other straight', () => {
		for (const c of everyday.filter((e) => asTwoGroups(e))) {
			for (const scope of SCOPES) {
				const taken = craftOf('double-knit').takes(c, scope);
				if (!taken.ok) throw new Error(taken.problems[0]!.what);
				const [facing, back] = [layerOf(taken.value.loops, true), turn(layerOf(taken.value.loops, false))];
				const straight = c.order.map((_, i) => i + 1);
				expect(facing.order).toEqual(scope === 'back' ? straight : c.order);
				expect(back.order).toEqual(scope === 'facing' ? straight : scope === 'back' ? c.order : turn(c).order);
				expect(leanOf(scope === 'back' ? back : facing)).toBe(leanOf(c));
			}
		}
	});

	it('crosses one layer with the fewest transfers there can be: each loop that has to wait leaves the needle once', () => {
		for (const c of everyday.filter((e) => asTwoGroups(e))) {
			for (const scope of ['facing', 'back'] as const) {
				const done = perform(craftOf('double-knit'), c, scope);
				if (!done.ok) throw new Error(done.problems[0]!.what);
				const { order } = done.value.taken.loops;
				const waits = order.filter((loop, place) => order.slice(0, place).some((sooner) => sooner > loop));
				expect(done.value.tally.transfers).toBe(waits.length);
			}
		}
	});

	it('catches layers that are locked together when a cable needle hangs in the wrong place', () => {
		for (const scope of ['facing', 'back'] as const) {
			for (const name of ['2/2 RC', '2/2 LC', '1/3 RC']) {
				const said = [0, 1].map((site) => {
					const done = perform(craftOf('double-knit'), named(name), scope, { id: 'wrong-side', site });
					return done.ok ? done.value.proof.checks.filter((k) => !k.ok).map((k) => k.id) : [];
				});
				expect(said.every((ids) => ids.includes('over'))).toBe(true);
				expect(
					said.some((ids) => ids.includes('layers')),
					`${name} ${scope}`,
				).toBe(true);
			}
		}
		expect(problemOf('double-knit', named('1/1/1 LC'), 'facing')).toContain('as pairs');
	});
});

describe('a cable needle that takes more', () => {
	const hold = (side: 'front' | 'back', adds?: boolean): Move => ({
		kind: 'hold',
		count: 1,
		holder: 'holder-1',
		side,
		...(adds ? { adds } : {}),
	});
	const after = (...moves: Move[]): HandState | string =>
		moves.reduce<HandState | string>((state, move) => {
			if (typeof state === 'string') return state;
			const applied = applyMove(state, move);
			return applied.ok ? applied.value.state : applied.problems[0]!.what;
		}, startState(3));

	it('does so only where it hangs, and keeps the row in its order', () => {
		const both = after(hold('back'), hold('back', true));
		expect(typeof both !== 'string' && both.loops.map((l) => [l.stitch, l.on])).toEqual([
			[1, 'holder-1'],
			[2, 'holder-1'],
			[3, 'left'],
		]);
		expect(after(hold('back'), hold('front', true))).toContain('is somewhere else');
		expect(after(hold('back'), hold('back'))).toContain('already has stitches');
	});
});
