import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyMove } from '../../test/arbitraries.ts';
import { again, applyMove, type HandState, type Move, simulate, startState, stateAt } from '../index.ts';

/** A state in one line: right needle | between the needles | left needle, right to left. */
function picture(state: HandState): string {
	const on = (where: (carrier: string) => boolean): string =>
		state.loops
			.filter((l) => where(l.on))
			.map(
				(l) =>
					`${l.stitch}${l.done ? (l.done.twisted ? `${l.done.stitch}*` : l.done.stitch) : ''}${l.entered ? '!' : ''}`,
			)
			.join(' ');
	return [on((c) => c === 'right'), on((c) => c !== 'right' && c !== 'left'), on((c) => c === 'left')].join(' | ');
}

const pictures = (n: number, moves: readonly Move[]): string[] =>
	simulate(moves, startState(n)).steps.map((s) => picture(s.state));
const knit = (from: 'left' | 'holder-1' = 'left'): Move => ({ kind: 'work', from, stitch: 'k', leg: 'front' });

describe('the moves, loop by loop', () => {
	it('hold, work past, return a part, work the rest', () => {
		expect(
			pictures(5, [
				{ kind: 'hold', count: 3, holder: 'holder-1', side: 'front' },
				knit(),
				knit(),
				{ kind: 'return', from: 'holder-1', count: 1 },
				{ kind: 'yarn', to: 'front' },
				{ kind: 'work', from: 'left', stitch: 'p', leg: 'front' },
				knit('holder-1'),
			]),
		).toEqual([
			' | 1 2 3 | 4 5',
			'4k | 1 2 3 | 5',
			'4k 5k | 1 2 3 | ',
			// The leftmost comes off the holder; the other two hang on.
			'4k 5k | 1 2 | 3',
			'4k 5k | 1 2 | 3',
			'4k 5k 3p | 1 2 | ',
			'4k 5k 3p 1k | 2 | ',
		]);
	});

	it('enter, withdraw, recapture, put back', () => {
		expect(
			pictures(5, [
				{ kind: 'enter', needle: 'right', skip: 2, count: 2, from: 'front' },
				{ kind: 'withdraw', needle: 'left', count: 4 },
				{ kind: 'recapture', needle: 'left', count: 1, from: 'behind' },
				{ kind: 'recapture', needle: 'left', count: 1, from: 'behind' },
				{ kind: 'return', from: 'right', count: 2 },
			]),
		).toEqual([' |  | 1 2 3! 4! 5', '3 4 | 1 2 | 5', '3 4 | 1 | 2 5', '3 4 |  | 1 2 5', ' |  | 3 4 1 2 5']);
	});

	it('pass stitches only when they change places, once for each pair', () => {
		const trace = simulate(
			[
				{ kind: 'hold', count: 2, holder: 'holder-1', side: 'back' },
				knit(),
				knit(),
				knit('holder-1'),
				knit('holder-1'),
			],
			startState(4),
		);
		expect(trace.steps.map((s) => s.passings.map((p) => p.pair.join('×')))).toEqual([
			[],
			['3×1', '3×2'],
			['4×1', '4×2'],
			[],
			[],
		]);
		expect(trace.steps.flatMap((s) => s.passings).map((p) => p.upper)).toEqual([3, 3, 4, 4]);
	});

	it('make an extra loop when a knit is worked with the yarn in front, or a purl with it behind', () => {
		const extra = (yarn: 'front' | 'behind', stitch: 'k' | 'p'): number =>
			simulate([{ kind: 'work', from: 'left', stitch, leg: 'front' }], { ...startState(1), yarn }).outcome.extraLoops;
		expect([extra('behind', 'k'), extra('front', 'p'), extra('front', 'k'), extra('behind', 'p')]).toEqual([
			0, 0, 1, 1,
		]);
	});

	it('make one when an old loop that was kept on is worked once more, and only then', () => {
		const keep: Move = { kind: 'work', from: 'left', stitch: 'k', leg: 'front', keep: true };
		const again: Move = { kind: 'work', from: 'left', stitch: 'k', leg: 'front', again: true };
		const twice = simulate([keep, again, { kind: 'release', count: 1 }, knit()], startState(2));
		expect([twice.stopped, twice.outcome.extraLoops, twice.outcome.order, twice.outcome.kept]).toEqual([
			undefined,
			1,
			[1, 2],
			[],
		]);
		expect(simulate([knit(), again], startState(2)).stopped?.problem.todo).toMatch(/keep its old loop on/);
		// Worked past another, the old loop does not stand first.
		const past: Move = { ...keep, past: 'front' };
		expect(simulate([past, again], startState(2)).stopped?.at).toBe(1);
	});

	it('leave a mark on stitches that cross in one plane: nobody can say which is over', () => {
		const state = startState(2);
		const level = { ...state, loops: state.loops.map((l) => (l.stitch === 1 ? { ...l, on: 'loose' as const } : l)) };
		expect(simulate([knit()], level).outcome).toMatchObject({ over: [], tangled: [], level: [[1, 2]], loose: [1] });
	});

	it.each<[string, Move[]]>([
		['hold none', [{ kind: 'hold', count: 0, holder: 'holder-1', side: 'front' }]],
		['hold more than there are', [{ kind: 'hold', count: 4, holder: 'holder-1', side: 'front' }]],
		['work off a cable needle that is not there', [knit('holder-1')]],
		['return what was never taken', [{ kind: 'return', from: 'right', count: 1 }]],
		['put a worked stitch back', [knit(), { kind: 'return', from: 'right', count: 1 }]],
		['enter beyond the last stitch', [{ kind: 'enter', needle: 'right', skip: 2, count: 2, from: 'front' }]],
		[
			'enter twice',
			[
				{ kind: 'enter', needle: 'right', skip: 0, count: 1, from: 'front' },
				{ kind: 'enter', needle: 'right', skip: 1, count: 1, from: 'front' },
			],
		],
		[
			'withdraw from a part of what was entered',
			[
				{ kind: 'enter', needle: 'right', skip: 1, count: 2, from: 'front' },
				{ kind: 'withdraw', needle: 'left', count: 2 },
			],
		],
		[
			'work over unworked loops on the right needle',
			[
				{ kind: 'enter', needle: 'right', skip: 1, count: 1, from: 'front' },
				{ kind: 'withdraw', needle: 'left', count: 2 },
				{ kind: 'recapture', needle: 'left', count: 1, from: 'behind' },
				knit(),
			],
		],
	])('cannot %s, and say what to do instead', (_, moves) => {
		const { stopped } = simulate(moves, startState(3));
		expect(stopped?.at).toBe(moves.length - 1);
		expect(stopped?.problem.todo).toMatch(/^[A-Z].*\.$/);
	});

	it('change nothing in the state that they are applied to, and give the same answer twice', () => {
		fc.assert(
			fc.property(fc.array(anyMove, { maxLength: 12 }), anyMove, (moves, last) => {
				const state = simulate(moves, startState(5)).steps.at(-1)?.state ?? startState(5);
				const before = JSON.stringify(state);
				const once = applyMove(state, last);
				expect(applyMove(state, last)).toEqual(once);
				expect(JSON.stringify(state)).toBe(before);
			}),
			{ numRuns: 500 },
		);
	});
});

describe('a trace', () => {
	const trace = simulate([knit(), knit(), knit()], startState(3));

	it('gives the state before the first move, after each, and never beyond its ends', () => {
		expect([-1, 0, 1, 3, 99].map((step) => picture(stateAt(trace, step)))).toEqual([
			' |  | 1 2 3',
			' |  | 1 2 3',
			'1k |  | 2 3',
			'1k 2k 3k |  | ',
			'1k 2k 3k |  | ',
		]);
	});

	it('is data: it survives JSON and can be run again from its own moves', () => {
		const read = JSON.parse(JSON.stringify(trace)) as typeof trace;
		expect(read).toEqual(trace);
		const moves = read.steps.map((s) => s.move);
		expect(simulate(moves, read.start)).toEqual(trace);
		// It knows what it was run on; one that was read does not, and says so.
		expect(again(trace, moves)).toEqual(trace);
		expect(() => again(read, moves)).toThrow(RangeError);
	});
});
