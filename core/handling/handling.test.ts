import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { craftOf, hand, perform, waysFor, type Craft } from '../craft/index.ts';
import { twoGroups } from '../crossing/index.ts';
import { anyMove, everyThreeGroups, everyTwoGroups } from '../test/arbitraries.ts';
import { named, traceOf } from '../test/made.ts';
import { loopsOn, type Move, prove, simulate, startState, tally, type Trace } from './index.ts';

const knit = (from: 'left' | 'holder-1' | 'holder-2' = 'left'): Move => ({
	kind: 'work',
	from,
	stitch: 'k',
	leg: 'front',
});
const hold = (
	count: number,
	holder: 'holder-1' | 'holder-2',
	side: 'front' | 'back',
	depth: 'inner' | 'outer' = 'inner',
): Move => ({
	kind: 'hold',
	count,
	holder,
	side,
	depth,
});

const left22 = twoGroups({ front: 2, behind: 2, lean: 'left' });

const failing = (trace: Trace): string[] =>
	prove(left22, trace)
		.checks.filter((c) => !c.ok)
		.map((c) => c.id);

describe('the simulation', () => {
	it('shows that every way makes exactly the crossing asked for, to 6 over 6 and 3/3/3, each lean and work', () => {
		for (const { crossing } of [...everyTwoGroups(6), ...everyThreeGroups(3)]) {
			expect(waysFor(hand, crossing).length).toBeGreaterThan(0);
			for (const way of waysFor(hand, crossing)) {
				const done = perform(hand, crossing, way.id);
				expect(
					done.ok && done.value.proof.checks.filter((c) => !c.ok),
					`${way.id} ${crossing.order.join(' ')}`,
				).toEqual([]);
			}
		}
	});

	it('loses and doubles no loop unless a move says so, whatever moves come, and keeps the row in its order', () => {
		const place = { right: 0, left: 2 } as const;
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 7 }), fc.array(anyMove, { maxLength: 25 }), (n, moves) => {
				let state = startState(n);
				let before = 0;
				for (const move of moves) {
					const { steps, stopped } = simulate([move], state);
					if (stopped) {
						expect(steps).toEqual([]);
						continue;
					}
					state = steps[0]!.state;
					// What is in no row any more was lost by a move that says so.
					expect([...state.loops.map((l) => l.stitch), ...state.lost].sort((a, b) => a - b)).toEqual(
						Array.from({ length: n }, (_, i) => i + 1),
					);
					expect(state.lost.length - before).toBe(move.kind === 'lose' ? 1 : 0);
					before = state.lost.length;
					expect(state.kept.every((k) => state.loops.find((l) => l.stitch === k.stitch)?.done)).toBe(true);
					const places = state.loops.map((l) => place[l.on as keyof typeof place] ?? 1);
					expect(places).toEqual([...places].sort((a, b) => a - b));
					for (const id of ['holder-1', 'holder-2'] as const) {
						expect(loopsOn(state, id).length > 0).toBe(state.holders[id] !== undefined);
					}
					expect(JSON.parse(JSON.stringify(state))).toEqual(state);
				}
			}),
			{ numRuns: 4000 },
		);
	});

	it('stops at a move that hands cannot do, with the reason, and keeps what came before', () => {
		const trace = simulate([hold(2, 'holder-1', 'front'), knit(), knit(), knit()], startState(4));
		expect(trace.steps.length).toBe(3);
		expect(trace.stopped).toMatchObject({ at: 3, problem: { what: 'There is no stitch left on the left needle.' } });
	});

	it.each<[string, Move[], string]>([
		['a cable needle in use', [hold(1, 'holder-1', 'front'), hold(1, 'holder-1', 'back')], 'already has stitches'],
		['two cable needles in one place', [hold(1, 'holder-1', 'front'), hold(1, 'holder-2', 'front')], 'same place'],
		[
			'a loop that the other needle is in',
			[{ kind: 'enter', needle: 'right', skip: 0, count: 1, from: 'front' }, knit()],
			'still in that loop',
		],
		[
			'more loose loops than there are',
			[{ kind: 'recapture', needle: 'left', count: 1, from: 'front' }],
			'not 1 loop hanging',
		],
		['the yarn where it is', [{ kind: 'yarn', to: 'behind' }], 'there already'],
	])('refuses %s', (_, moves, reason) => {
		expect(simulate(moves, startState(4)).stopped?.problem.what).toContain(reason);
	});

	it('decides over and under by the planes of the moment: two cable needles in front, worked off them or returned', () => {
		const both = [hold(1, 'holder-1', 'front', 'inner'), hold(1, 'holder-2', 'front', 'outer'), knit()];
		const straight = simulate([...both, knit('holder-2'), knit('holder-1')], startState(3)).outcome;
		const returned = simulate(
			[...both, { kind: 'return', from: 'holder-2', count: 1 }, knit(), knit('holder-1')],
			startState(3),
		).outcome;
		expect(straight.order).toEqual([3, 2, 1]);
		// The outer holder's stitch passes over; put back on the needle first, it passes under.
		expect(straight.over).toContainEqual([2, 1]);
		expect(returned.over).toContainEqual([1, 2]);
	});

	it('lets a pair that passes back under the same one cancel, and calls the other winding', () => {
		const there: Move[] = [
			{ kind: 'enter', needle: 'right', skip: 1, count: 1, from: 'front' },
			{ kind: 'withdraw', needle: 'left', count: 2 },
			{ kind: 'recapture', needle: 'left', count: 1, from: 'behind' },
			{ kind: 'return', from: 'right', count: 1 },
		];
		const back = (from: 'front' | 'behind'): Move[] => there.map((m) => (m.kind === 'enter' ? { ...m, from } : m));
		const twice = (from: 'front' | 'behind'): Trace =>
			simulate([...there, ...back(from), knit(), knit()], startState(2));
		expect(twice('behind').outcome).toMatchObject({ order: [1, 2], over: [], tangled: [] });
		expect(twice('front').outcome).toMatchObject({ order: [1, 2], over: [], tangled: [[1, 2]] });
	});

	it('turns a stitch worked through its trailing leg and cures a turned mount through its leading one', () => {
		const through = (leg: 'front' | 'back'): Move => ({ kind: 'work', from: 'left', stitch: 'k', leg });
		const work = (leg: 'front' | 'back', mount: 'front' | 'behind'): unknown =>
			simulate([through(leg)], startState(1, { 1: mount })).outcome.work;
		expect(work('back', 'front')).toEqual({ 1: 'ktbl' });
		expect(work('back', 'behind')).toEqual({ 1: 'k' });
		expect(work('front', 'behind')).toEqual({ 1: 'ktbl' });
	});
});

describe('the proof', () => {
	const good = traceOf(left22, 'off-holder');

	it('holds for a right trace', () => {
		expect(failing(good)).toEqual([]);
	});

	it.each<[string, Trace['outcome'], string[]]>([
		['a wrong order', { ...good.outcome, order: [3, 4, 2, 1] }, ['order']],
		[
			'the wrong strands on top',
			{ ...good.outcome, over: good.outcome.over.map(([u, l]) => [l, u] as const) },
			['over'],
		],
		['one pair the wrong way', { ...good.outcome, over: [[3, 1], ...good.outcome.over.slice(1)] }, ['over']],
		['a pair that never crossed', { ...good.outcome, over: good.outcome.over.slice(1) }, ['over']],
		['strands wound round each other', { ...good.outcome, tangled: [[1, 3]] }, ['over']],
		['a purl instead of a knit', { ...good.outcome, work: { ...good.outcome.work, 2: 'p' } }, ['work']],
		['a turned stitch', { ...good.outcome, work: { ...good.outcome.work, 2: 'ktbl' } }, ['whole']],
		['a lost stitch', { ...good.outcome, order: [3, 4, 1], unworked: [] }, ['order', 'whole']],
		['a pair that passed with neither above', { ...good.outcome, level: [[1, 2]] }, ['over']],
		['a split stitch', { ...good.outcome, split: [2] }, ['whole']],
		['a bar', { ...good.outcome, bars: [{ side: 'front', across: [1] }] }, ['whole']],
		['a loop that sits turned', { ...good.outcome, turned: [3] }, ['whole']],
		['an old loop not let off', { ...good.outcome, kept: [3] }, ['whole']],
		['a loose stitch', { ...good.outcome, order: [3, 4, 1], unworked: [2], loose: [2] }, ['order', 'whole']],
		['a stitch too many', { ...good.outcome, extraLoops: 1 }, ['whole']],
	])('fails for %s', (_, outcome, ids) => {
		expect(failing({ ...good, outcome })).toEqual(ids);
	});
});

describe('the tally', () => {
	it('counts what the ways are compared by', () => {
		const counts = waysFor(hand, left22).map((w) => tally(traceOf(left22, w.id)));
		expect(counts.map((t) => [t.moves, t.transfersPerStitch, t.mostLoose, t.looseMoves, t.tools])).toEqual([
			[5, 0.25, 0, 0, 1],
			[6, 0.5, 0, 0, 1],
			[8, 1, 0, 0, 1],
			[8, 1, 2, 2, 0],
			[9, 1.25, 2, 2, 0],
			[5, 0.25, 0, 0, 1],
		]);
	});

	it('shifts the yarn once where knit meets purl, and sets it before the first loop is touched', () => {
		const purled = twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' });
		for (const way of waysFor(hand, purled)) {
			const done = perform(hand, purled, way.id);
			expect(done.ok && [done.value.tally.yarnShifts, done.value.trace.steps[0]?.move]).toEqual([
				2,
				{ kind: 'yarn', to: 'front' },
			]);
		}
	});
});

describe('the words of a procedure', () => {
	it('tell each move in plain words', () => {
		const captions = (way: string): string[] => {
			const trace = traceOf(left22, way);
			return Array.from({ length: trace.steps.length + 1 }, (_, i) => hand.words(trace, i).caption);
		};
		expect(captions('off-holder')).toEqual([
			'Stitches 1 to 4 wait on the left needle. The yarn is behind.',
			'Slip stitches 1 and 2 purlwise to the cable needle and hold in front.',
			'Knit stitch 3, behind the two on the cable needle; pull it snug.',
			'Knit stitch 4, behind the two on the cable needle.',
			'Knit stitch 1 straight off the cable needle.',
			'Knit stitch 2 straight off the cable needle.',
		]);
		expect(captions('pinch').slice(1, 5)).toEqual([
			'Put the right needle into 3 and 4 from behind, purlwise, past the first 2.',
			'Pinch the base, draw the left needle out: 1 and 2 hang loose.',
			'Catch 1 and 2 with the left needle in front, the last one first.',
			'Put 3 and 4 back on the left needle, leftmost first, not turned.',
		]);
	});
});

describe('the tally of a right 2/2', () => {
	const counted = (name: string, way: string, craft: Craft = hand) => {
		const done = perform(craft, named(name), way);
		if (!done.ok) throw new Error(done.problems[0]!.what);
		return done.value.tally;
	};
	const none = { mostLoose: 0, looseMoves: 0, yarnShifts: 0, tools: 0 };

	it('with a cable needle: held once, four worked; pinched, two loops hang loose for one move; purled, the yarn moves', () => {
		expect(counted('2/2 RC', 'off-holder')).toEqual({
			...none,
			...{ moves: 5, transfers: 1, transfersPerStitch: 0.25, tools: 1 },
		});
		expect(counted('2/2 RC', 'pinch')).toEqual({
			...none,
			...{ moves: 8, transfers: 4, transfersPerStitch: 1, mostLoose: 2, looseMoves: 2 },
		});
		// To the front before the two purls, to the back after them.
		expect(counted('2/2 LPC', 'off-holder')).toMatchObject({ moves: 7, transfers: 1, yarnShifts: 2 });
		expect(counted('2/2/2 RC', 'two-holders')).toMatchObject({ tools: 2 });
	});

	it('at a loom: two parked, two shifted, two seated, a cable needle or the fingers; at a bed: two picked up and put down twice', () => {
		const loom = craftOf('loom');
		const six = { ...none, moves: 13, transfers: 6, transfersPerStitch: 1.5 };
		expect(counted('2/2 RC', 'parked-inside', loom)).toEqual({ ...six, tools: 1 });
		expect(counted('2/2 RC', 'across-the-gap', loom)).toEqual(six);
		// Two loops in the fingers through four moves.
		expect(counted('2/2 RC', 'in-the-fingers', loom)).toEqual({ ...six, mostLoose: 2, looseMoves: 8 });
		expect(counted('2/2 RC', 'two-tools', craftOf('machine'))).toEqual({
			...none,
			...{ moves: 7, transfers: 4, transfersPerStitch: 1, tools: 2 },
		});
	});
});
