import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crossOnBed, crossOnPegs } from '../craft/index.ts';
import {
	type AnyState,
	type AnyTrace,
	type BedMove,
	bedState,
	type LoomMove,
	loomState,
	type Parked,
	simulate,
} from './index.ts';

const small = fc.integer({ min: 0, max: 5 });
const count = fc.integer({ min: 1, max: 4 });
const anyLoomMove: fc.Arbitrary<LoomMove> = fc.oneof(
	fc.record({
		kind: fc.constant('park' as const),
		peg: small,
		side: fc.constantFrom('inside', 'across', 'outside'),
		by: fc.constantFrom('peg', 'pin', 'fingers', 'holder'),
	}),
	fc.record({ kind: fc.constant('shift' as const), from: small, to: small, hooked: fc.boolean() }),
	fc.record({ kind: fc.constant('seat' as const), stitch: small, to: small, hooked: fc.boolean() }),
	fc.record({ kind: fc.constant('tug' as const), peg: small, count }),
	fc.record({ kind: fc.constant('wrap' as const), peg: small, count }),
	fc.record({ kind: fc.constant('lift-over' as const), peg: small }),
	fc.record({ kind: fc.constant('draw-up' as const), peg: small }),
	fc.constant({ kind: 'beyond' as const }),
	fc.record({ kind: fc.constant('slip-off' as const), stitch: small }),
);
const tool = fc.constantFrom('tool-1' as const, 'tool-2' as const);
const anyBedMove: fc.Arbitrary<BedMove> = fc.oneof(
	fc.record({ kind: fc.constant('pick-up' as const), tool, prongs: count, needle: small, count }),
	fc.record({ kind: fc.constant('put-down' as const), tool, needle: small }),
	fc.record({
		kind: fc.constant('place' as const),
		needle: small,
		count,
		to: fc.constantFrom('out' as const, 'work' as const, 'forward' as const),
	}),
	fc.record({ kind: fc.constant('holding' as const), on: fc.boolean() }),
	fc.record({ kind: fc.constant('tension' as const), number: fc.integer({ min: -2, max: 12 }) }),
	fc.record({ kind: fc.constant('weights' as const), on: fc.boolean() }),
	fc.constant({ kind: 'row' as const }),
	fc.record({ kind: fc.constant('ladder' as const), needle: small, pinched: fc.boolean() }),
	fc.record({ kind: fc.constant('latch-up' as const), needle: small }),
	fc.record({ kind: fc.constant('fall' as const), stitch: small }),
);

/** One move after another, those that cannot be done left out; every state on the way, and what was refused. */
function whatever(start: AnyState, moves: readonly (LoomMove | BedMove)[]): { states: AnyState[]; refused: string[] } {
	const states: AnyState[] = [start];
	const refused: string[] = [];
	for (const move of moves) {
		const trace = simulate([move], states.at(-1)!);
		if (trace.stopped) refused.push(`${trace.stopped.problem.what} ${trace.stopped.problem.todo}`);
		else states.push(trace.steps[0]!.state);
	}
	return { states, refused };
}

/** Every loop is in the row once or told lost; those on pegs or needles stand in their order, one to each. */
function soundness(state: AnyState, n: number): void {
	const there = state.loops.map((l) => l.stitch);
	expect([...there, ...state.lost].sort()).toEqual(Array.from({ length: n }, (_, i) => i + 1));
	if (state.tool === 'needles') return;
	const seats =
		state.tool === 'loom'
			? state.loops.flatMap((l) => l.peg ?? [])
			: state.loops.flatMap((l) => (typeof l.on === 'number' ? [l.on] : []));
	expect(seats).toEqual([...new Set(seats)].sort((a, b) => a - b));
}

describe.each([
	['loom', (n: number): AnyState => loomState(n), anyLoomMove],
	['bed', (n: number): AnyState => bedState(n, { strain: 2.3, brittle: true }), anyBedMove],
] as const)('a simulated %s', (_, start, anyMove: fc.Arbitrary<LoomMove | BedMove>) => {
	it('never loses a loop without saying so, whatever is done, and gives a reason for what cannot be', () => {
		fc.assert(
			fc.property(fc.integer({ min: 2, max: 4 }), fc.array(anyMove, { maxLength: 40 }), (n, moves) => {
				const { states, refused } = whatever(start(n), moves);
				for (const state of states) soundness(state, n);
				expect(refused.every((r) => /^[A-Z0-9].*\. [A-Z].*\.$/.test(r))).toBe(true);
			}),
			{ numRuns: 400 },
		);
	});

	it('keeps its states as they were', () => {
		const frozen = JSON.stringify(start(4));
		const state = start(4);
		fc.assert(
			fc.property(anyMove, (move) => {
				simulate([move], state);
				expect(JSON.stringify(state)).toBe(frozen);
			}),
		);
	});
});

const refusal = (trace: AnyTrace): string | undefined =>
	trace.stopped && `${trace.stopped.problem.what} ${trace.stopped.problem.todo}`;

describe('who lies on top', () => {
	const lean = ({ outcome: { over, order } }: AnyTrace): string => {
		const uppers = new Set(over.map(([u]) => u));
		// On top and come from the left, it leans right.
		return uppers.has(order[0]!) ? 'right' : 'left';
	};
	const sizes = fc.record({ right: fc.integer({ min: 1, max: 3 }), left: fc.integer({ min: 1, max: 3 }) });

	it('is, on pegs, who was nearer the worker as they passed', () => {
		const places: Parked[] = [
			{ side: 'outside', by: 'holder' },
			{ side: 'inside', by: 'pin' },
			{ side: 'across', by: 'peg' },
		];
		fc.assert(
			fc.property(
				sizes,
				fc.constantFrom('right' as const, 'left' as const),
				fc.constantFrom(...places),
				(s, parked, where) => {
					const rows: LoomMove[] = Array.from({ length: s.right + s.left }, (_, i) => i + 1).flatMap((peg) => [
						{ kind: 'wrap', peg, count: 1 },
						{ kind: 'lift-over', peg },
					]);
					const trace = simulate([...crossOnPegs({ ...s, parked, where }), ...rows], loomState(s.right + s.left));
					expect(refusal(trace)).toBeUndefined();
					const other = parked === 'right' ? 'left' : 'right';
					const onTop = where.side === 'outside' ? parked : other;
					expect(lean(trace)).toBe(onTop === 'left' ? 'right' : 'left');
				},
			),
		);
	});

	it('is, on a bed, who was put down first', () => {
		fc.assert(
			fc.property(sizes, fc.constantFrom('right' as const, 'left' as const), (s, first) => {
				const trace = simulate([...crossOnBed({ ...s, first }), { kind: 'row' }], bedState(s.left + s.right));
				expect(refusal(trace)).toBeUndefined();
				expect(lean(trace)).toBe(first);
			}),
		);
	});
});

describe('what cannot be done', () => {
	const onLoom = (...moves: LoomMove[]): string | undefined =>
		refusal(simulate(moves, loomState(4, { shape: 'rake' })));
	const onBed = (...moves: BedMove[]): string | undefined => refusal(simulate(moves, bedState(8)));
	const park = (peg: number, side: Parked['side'], by: Parked['by']): LoomMove => ({ kind: 'park', peg, side, by });
	const pickUp = (prongs: number, size: number): BedMove => ({
		kind: 'pick-up',
		tool: 'tool-1',
		prongs,
		needle: 1,
		count: size,
	});
	const knitted = [1, 2, 3, 4].flatMap((peg): LoomMove[] => [
		{ kind: 'wrap', peg, count: 1 },
		{ kind: 'lift-over', peg },
	]);

	it.each([
		['a peg that is not there', onLoom(park(7, 'inside', 'pin')), /no peg 7.*pegs are 1 to 4/],
		['a peg across, on a rake', onLoom(park(1, 'across', 'peg')), /no pegs across.*inside on a pin/],
		['a third loop in the fingers', onLoom(...[1, 2, 3].map((p) => park(p, 'outside', 'fingers'))), /3 loops.*2 there/],
		['a peg that is taken', onLoom({ kind: 'shift', from: 3, to: 1 }), /Peg 1 already.*Park that one first/],
		['three pegs wrapped at once', onLoom({ kind: 'wrap', peg: 1, count: 3 }), /too little yarn.*2 at most/],
		['the last loop while the yarn comes out of it', onLoom(...knitted, park(1, 'inside', 'pin')), /stitch beyond/],
		[
			'the row with a loop parked',
			onLoom(park(1, 'inside', 'pin'), { kind: 'wrap', peg: 2, count: 1 }),
			/still parked/,
		],
		['the row out of turn', onLoom({ kind: 'wrap', peg: 3, count: 1 }), /as far as peg 1/],
		['more loops than prongs', onBed(pickUp(2, 3)), /2 prongs does not lift 3.*Take the one of 3/],
		['a tool of four prongs', onBed(pickUp(4, 4)), /no transfer tool of 4.*1, 2 or 3/],
		['two loops on a needle', onBed(pickUp(2, 2), { kind: 'put-down', tool: 'tool-1', needle: 3 }), /decrease/],
		['the carriage past a tool', onBed(pickUp(1, 1), { kind: 'row' }), /is still on a tool/],
		['a needle out of work with its loop', onBed({ kind: 'place', needle: 2, count: 1, to: 'out' }), /would run/],
		['the carriage past a ladder', onBed({ kind: 'ladder', needle: 0, pinched: true }, { kind: 'row' }), /Latch it up/],
	])('%s: says why, and what to do', (_, said, wanted) => {
		expect(said).toMatch(wanted);
	});
});

describe('the carriage', () => {
	const crossed = crossOnBed({ left: 2, right: 2, first: 'left' });
	const forward: BedMove = { kind: 'place', needle: 1, count: 4, to: 'forward' };
	const rowAfter = (set: Parameters<typeof bedState>[1], ...moves: BedMove[]): AnyTrace['outcome'] =>
		simulate([...crossed, ...moves, { kind: 'row' }], bedState(4, set)).outcome;

	it('knits tight loops off when they are forward and loose enough, and else hangs up or breaks', () => {
		expect(rowAfter({ strain: 1.5 }).hung).toEqual([]);
		expect(rowAfter({ strain: 1.7 }).hung).toEqual([1, 2, 3, 4].map((i) => [3, 4, 1, 2][i - 1]));
		expect(rowAfter({ strain: 1.7 }, forward).hung).toEqual([]);
		expect(rowAfter({ strain: 2.4 }, forward).hung).toHaveLength(4);
		expect(rowAfter({ strain: 2.4 }, { kind: 'tension', number: 8 }, forward).hung).toEqual([]);
		expect(rowAfter({ strain: 2.4, brittle: true }, forward)).toMatchObject({ lost: [1, 2, 3, 4], unworked: [] });
		expect(rowAfter({ strain: 2.35, brittle: true }, forward).lost).toEqual([]);
		expect(rowAfter({ strain: 2.4, brittle: true }, { kind: 'tension', number: 8 }, forward).lost).toEqual([]);
		expect(rowAfter({ strain: 1.5 }, { kind: 'weights', on: false }, forward).hung).toHaveLength(4);
	});

	it('passes needles that are forward while holding is on', () => {
		expect(rowAfter({ holding: true }, forward).unworked).toEqual([3, 4, 1, 2]);
	});
});
