import { describe, expect, it } from 'vitest';
import { craftOf, ownWayId, perform, planOwn, waysFor, type OwnWay } from '../craft/index.ts';
import { equal, twoGroups, type Crossing } from '../crossing/index.ts';
import { prove, simulate, startState, type Trace } from '../handling/index.ts';
import { DEFAULT_HOUSE_STYLE, HouseStyleSchema } from '../schema/index.ts';
import { everyTwoGroups } from '../test/arbitraries.ts';
import { traceOf } from '../test/made.ts';
import { craftIn, wayIn, wayOf } from './index.ts';

const id = '00000000-0000-4000-8000-000000000001';
const left = (front: number, behind = front): Crossing => twoGroups({ front, behind, lean: 'left' });
const right = (front: number, behind = front): Crossing => twoGroups({ front, behind, lean: 'right' });
const from = (c: Crossing, way: string): OwnWay => ({
	id,
	name: 'Reed swap',
	crossing: c,
	moves: (traceOf(c, way) as Trace).steps.map((s) => s.move),
});

describe('a way of one’s own', () => {
	it('makes other sizes and the other lean where its moves do, each proved, and else says that it does not', () => {
		for (const way of ['off-holder', 'returned', 'pinch', 'slip-swap']) {
			const own = from(left(2), way);
			for (const c of [left(3), left(1), right(2), right(4)]) {
				const planned = planOwn(own, c);
				if (planned.ok) expect(prove(c, simulate(planned.value, startState(c.n))).ok).toBe(true);
			}
			expect([way, planOwn(own, left(3)).ok]).toEqual([way, true]);
			// Of two groups of one size nobody can tell which is meant where they differ.
			expect(planOwn(own, left(3, 1)).ok).toBe(false);
		}
		expect(planOwn(from(left(2), 'off-holder'), right(3)).ok).toBe(true);
		const uneven = from(left(3, 1), 'off-holder');
		expect([left(2, 1), left(4, 2), right(1, 3)].map((c) => planOwn(uneven, c).ok)).toEqual([true, true, true]);
	});

	it('never plans what it does not make, whatever it is asked', () => {
		const own = from(left(2, 1), 'returned');
		for (const { crossing } of everyTwoGroups(4)) {
			const planned = planOwn(own, crossing);
			if (planned.ok) expect(prove(crossing, simulate(planned.value, startState(crossing.n))).ok).toBe(true);
			else expect(planned.problems[0]!.todo).toMatch(/^Choose another way/);
		}
	});

	it('stands among the ways of its teacher, and of nobody else', () => {
		const own = from(left(2), 'returned');
		const style = { ...DEFAULT_HOUSE_STYLE, ownWays: [own] };
		expect(HouseStyleSchema.parse(style).ownWays).toEqual([own]);
		const mine = craftIn(HouseStyleSchema.parse(style), 'hand');
		const way = ownWayId(own);
		expect(waysFor(mine, left(2)).map((w) => w.id)).toContain(way);
		expect([wayOf(way, mine).title, wayOf(way, mine).holders]).toEqual(['Reed swap', 1]);
		const done = perform(mine, left(3), way);
		expect(done.ok && done.value.proof.ok).toBe(true);
		// The address of another teacher's way leads to the usual one.
		expect(wayIn(DEFAULT_HOUSE_STYLE, left(2), way, craftOf('hand'))).toBe('off-holder');
		const gone = perform(craftOf('hand'), left(2), way);
		expect(!gone.ok && gone.problems[0]!.what).toContain('You removed that way');
	});

	it('is refused where its moves do not make its crossing, or are none', () => {
		const own = from(left(2), 'off-holder');
		const said = (more: object): string | undefined =>
			HouseStyleSchema.safeParse({ ...DEFAULT_HOUSE_STYLE, ownWays: [{ ...own, ...more }] }).error?.issues[0]?.message;
		expect(said({ crossing: right(2) })).toMatch(/do not make their crossing/);
		expect(said({ moves: own.moves.slice(1) })).toMatch(/do not make their crossing/);
		expect(said({ moves: [{ kind: 'lose', stitch: 1 }] })).toBeDefined();
		expect(said({ name: ' ' })).toMatch(/needs a name/);
		expect(equal(own.crossing, left(2))).toBe(true);
	});
});
