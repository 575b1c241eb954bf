import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { craftOf, demonstrate, hand, type Craft } from '../craft/index.ts';
import { equal, mirror, twoGroups, type Crossing } from '../crossing/index.ts';
import {
	bareBed,
	bareLoom,
	bareNeedles,
	barePegs,
	bedState,
	isRun,
	loomState,
	offersFor,
	simulate,
	startState,
	stateAt,
	type AnyMove,
	type AnyState,
	type Move,
} from '../handling/index.ts';
import { drawStage } from '../drawing/index.ts';
import { begunIn, wayOn, whatIsIt, type BegunWith } from './index.ts';

const left22 = twoGroups({ front: 2, behind: 2, lean: 'left' });
const shown = demonstrate(left22, 'right');
const loom = craftOf('loom');
const machine = craftOf('machine');
const LOOK = { light: 'day' } as const;

/** Each craft that is tried by hand, from each place where its hands begin. */
const BEGUN: readonly (readonly [string, BegunWith, Craft])[] = [
	['hand', 'loops', hand],
	['loom', 'loops', loom],
	['loom', 'bare', loom],
	['machine', 'loops', machine],
	['machine', 'bare', machine],
];

type Picks = readonly (readonly [number, number, number])[];

/** Hands that choose some loops and then one of the offers, again and again; numbers say which. */
function whatever(
	craft: Craft,
	begun: BegunWith,
	asked: Crossing,
	picks: Picks,
): { moves: AnyMove[]; state: AnyState } {
	const byHand = craft.byHand!;
	let state = begunIn(craft, asked, begun)!;
	const moves: AnyMove[] = [];
	for (const [from, count, which] of picks) {
		const at = from % asked.n;
		const chosen = state.loops.slice(at, at + 1 + (count % asked.n)).map((l) => l.stitch);
		const offers = byHand.offers(state, byHand.isRun(state, chosen) ? chosen : []);
		for (const { refused, moves: tried } of offers) {
			expect(simulate(tried, state).stopped?.problem).toEqual(refused);
			if (refused) expect(`${refused.what} ${refused.todo}`).toMatch(/^[A-Z].*\. [A-Z].*\.$/);
			expect(byHand.says(tried, state, 'left')).toMatch(/^[A-Z][^.]+$/);
		}
		const allowed = offers.filter((o) => !o.refused);
		const taken = allowed[which % allowed.length];
		if (!taken) continue;
		moves.push(...taken.moves);
		state = simulate(taken.moves, state).steps.at(-1)!.state;
	}
	return { moves, state };
}
const anyPicks = (maxLength: number): fc.Arbitrary<[number, number, number][]> =>
	fc.array(fc.tuple(fc.nat(12), fc.nat(6), fc.nat(60)), { maxLength });

describe('hands that do as they like', () => {
	const runs = Number(process.env['POND_LOOP_RUNS'] ?? 300);

	it.each(BEGUN)(
		'are refused only what cannot be done, lose no loop in silence, and from anywhere can finish as it stands: %s from %s',
		(_, begun, craft) => {
			const sizes = fc.constantFrom(1, 2, 3);
			fc.assert(
				fc.property(sizes, sizes, anyPicks(25), (front, behind, picks) => {
					const asked = twoGroups({ front, behind, lean: 'left' });
					const { moves, state } = whatever(craft, begun, asked, picks);
					const bare = (craft.byHand!.castOn?.(state) ?? []).flatMap((move): number[] =>
						move.kind !== 'cast-on' ? [] : 'peg' in move ? [move.peg] : [move.needle],
					);
					if (begun === 'loops') expect(bare).toEqual([]);
					expect([...bare, ...state.loops.map((l) => l.stitch), ...state.lost].sort((a, b) => a - b)).toEqual(
						Array.from({ length: asked.n }, (_, i) => i + 1),
					);
					const rest = craft.byHand!.rest(state, asked.work);
					const { outcome, stopped } = simulate([...moves, ...rest], begunIn(craft, asked, begun)!);
					expect([stopped, outcome.unworked, outcome.loose, outcome.kept]).toEqual([undefined, [], [], []]);
					expect(
						drawStage(asked, simulate(moves, begunIn(craft, asked, begun)!), moves.length, LOOK).shapes.length,
					).toBeGreaterThan(0);
				}),
				{ numRuns: runs / BEGUN.length },
			);
		},
	);

	it('offer nothing for loops that are no run, and the moves of each place for those that are', () => {
		const held = simulate([{ kind: 'hold', count: 1, holder: 'holder-1', side: 'back' }], startState(4)).steps[0]!
			.state;
		expect([isRun(held, [2, 3]), isRun(held, [1, 2]), isRun(held, [2, 4]), isRun(held, [])]).toEqual([
			true,
			false,
			false,
			false,
		]);
		const kinds = (chosen: number[]): string[] => [
			...new Set(
				offersFor(held, chosen).flatMap((o) =>
					o.target && o.target !== 'needle' && !o.refused ? [`${o.moves[0]!.kind} ${o.target}`] : [],
				),
			),
		];
		expect(kinds([2, 3])).toEqual(['hold front', 'hold back', 'slip right']);
		expect(kinds([1])).toEqual(['return left', 'swing front', 'swing back']);
		expect(kinds([2, 4])).toEqual([]);
	});
});

describe('what is it?', () => {
	const hold = (side: 'front' | 'back'): Move => ({ kind: 'hold', count: 2, holder: 'holder-1', side });

	it('is told from the moves alone: what was asked, its mirror image, or nothing crossed', () => {
		expect(whatIsIt(shown, [hold('front')])).toMatchObject({
			title: '2 over 2, leaning left',
			isAsked: true,
			differs: [],
		});
		const wrong = whatIsIt(shown, [hold('back')]);
		expect(wrong).toMatchObject({ title: '2 over 2, leaning right', isAsked: false, differs: ['leans the other way'] });
		expect(wrong.names.find((n) => n.school.id === 'slash')?.name).toBe('2/2 RC');
		expect(whatIsIt(shown, []).isAsked).toBe(false);
		expect(whatIsIt(shown, [hold('front')]).rest).toHaveLength(4);
	});

	it('is the fabric in left hands as well, by the names that they have for it', () => {
		const left = demonstrate(left22, 'left-same');
		expect(equal(left.made, mirror(left22))).toBe(true);
		expect(whatIsIt(left, [hold('back')])).toMatchObject({ title: '2 over 2, leaning left', isAsked: true });
	});

	it('says what is wound, lost or split instead of naming it', () => {
		const lost = whatIsIt(shown, [{ kind: 'lose', stitch: 2 }]);
		expect([lost.title, lost.differs.join('; ')]).toEqual([
			undefined,
			expect.stringContaining('a ladder runs down from 2'),
		]);
		const split = whatIsIt(shown, [
			hold('front'),
			{ kind: 'work', from: 'left', stitch: 'k', leg: 'front', split: true },
		]);
		expect(split.isAsked).toBe(false);
	});
});

describe('the way on', () => {
	const hold: Move = { kind: 'hold', count: 2, holder: 'holder-1', side: 'front', depth: 'inner' };
	const wrong: Move = { ...hold, side: 'back' };

	it('goes on from where the hands are, or from the last move that need not be taken back', () => {
		const on = wayOn(left22, [hold])!;
		expect([on.from, on.moves.length, on.title]).toEqual([1, 4, 'Straight off the cable needle']);
		// Held on the wrong side, the holder is brought to the other one.
		expect(wayOn(left22, [wrong])).toMatchObject({ from: 1, moves: [{ kind: 'swing' }, {}, {}, {}, {}] });
		const knit: Move = { kind: 'work', from: 'left', stitch: 'k', leg: 'front' };
		expect(wayOn(left22, [hold, knit, { kind: 'lose', stitch: 1 }])).toMatchObject({ from: 2 });
	});

	it.each(BEGUN)('always makes what was asked, wherever hands have gone: %s from %s', (_, begun, craft) => {
		fc.assert(
			fc.property(anyPicks(8), (picks) => {
				const { moves } = whatever(craft, begun, left22, picks);
				const on = wayOn(left22, moves, craft, begun)!;
				expect(whatIsIt(shown, [...moves.slice(0, on.from), ...on.moves], craft, begun).isAsked).toBe(true);
			}),
			{ numRuns: 40 },
		);
	});
});

describe('a loom and a bed in one’s own hands', () => {
	const doneFrom = (
		begun: BegunWith,
		craft: Craft,
		...picks: readonly (readonly [chosen: number[], says: string])[]
	): AnyMove[] =>
		picks.reduce<AnyMove[]>((moves, [chosen, says]) => {
			const start = begunIn(craft, left22, begun)!;
			const state = stateAt<AnyState>(simulate(moves, start), moves.length);
			const offer = craft
				.byHand!.offers(state, chosen)
				.find((o) => craft.byHand!.says(o.moves, state, 'left') === says);
			if (!offer) throw new Error(`“${says}” is not offered.`);
			return [...moves, ...offer.moves];
		}, []);
	const done = (craft: Craft, ...picks: readonly (readonly [chosen: number[], says: string])[]): AnyMove[] =>
		doneFrom('loops', craft, ...picks);

	it('are bare where hands begin so: cast on in one order, and crossed only once all of it hangs', () => {
		const some = doneFrom('bare', loom, [[], 'Cast on peg 1'], [[], 'Cast on peg 2']);
		const start = begunIn(loom, left22, 'bare')!;
		const two = simulate(some, start).steps.at(-1)!.state;
		expect(simulate([{ kind: 'shift', from: 2, to: 3 }], two).stopped!.problem.what).toBe('Peg 3 is still bare.');
		expect(simulate([{ kind: 'cast-on', peg: 4 }], two).stopped!.problem.todo).toBe('Cast on peg 3 before peg 4.');
		const parked = doneFrom(
			'bare',
			loom,
			[[], 'Cast on all that are bare'],
			[[1, 2], 'Hold outside, on a stitch holder'],
			[[3, 4], 'To pegs 1 and 2'],
			[[1, 2], 'To pegs 3 and 4'],
		);
		expect(whatIsIt(shown, parked, loom, 'bare')).toMatchObject({ title: '2 over 2, leaning left', isAsked: true });
		// A rake is wrapped back and forth, so it is cast on the other way.
		expect(barePegs(bareLoom(loomState(4, { shape: 'rake' })))).toEqual([4, 3, 2, 1]);
		// At a bed the last needle is the one at the carriage.
		expect(bareNeedles(bareBed(bedState(3)))).toEqual([1, 2, 3]);
		expect(doneFrom('bare', machine, [[], 'Cast on needle 1'])).toEqual([{ kind: 'cast-on', needle: 1 }]);
		const carriage = simulate([{ kind: 'row' }], begunIn(machine, left22, 'bare')!).stopped!.problem;
		expect(`${carriage.what} ${carriage.todo}`).toBe('Needle 1 is still bare. Cast on all of them first.');
	});

	it('make the crossing by what is put where, and know the wrong one', () => {
		const parked = done(
			loom,
			[[1, 2], 'Hold outside, on a stitch holder'],
			[[3, 4], 'To pegs 1 and 2'],
			[[1, 2], 'To pegs 3 and 4'],
		);
		expect(whatIsIt(shown, parked, loom)).toMatchObject({
			title: '2 over 2, leaning left',
			isAsked: true,
		});
		const inside = done(
			loom,
			[[1, 2], 'Park inside, on a pin'],
			[[3, 4], 'To pegs 1 and 2'],
			[[1, 2], 'To pegs 3 and 4'],
		);
		expect(whatIsIt(shown, inside, loom)).toMatchObject({ title: '2 over 2, leaning right', isAsked: false });
		const lifted = (first: string, then: string): AnyMove[] =>
			done(
				machine,
				[[1, 2], 'Lift with the tool of 2 prongs'],
				[[3, 4], 'Lift with the tool of 2 prongs'],
				[first.endsWith('3 and 4') ? [1, 2] : [3, 4], first],
				[first.endsWith('3 and 4') ? [3, 4] : [1, 2], then],
			);
		expect(whatIsIt(shown, lifted('Down on needles 3 and 4', 'Down on needles 1 and 2'), machine).isAsked).toBe(true);
		expect(whatIsIt(shown, lifted('Down on needles 1 and 2', 'Down on needles 3 and 4'), machine)).toMatchObject({
			title: '2 over 2, leaning right',
			isAsked: false,
		});
	});

	it('are led on from where they are, though no way that is taught has come there', () => {
		// One loop after the other, held outside in the fingers: taught is another place for both.
		const singly = done(
			loom,
			[[2], 'Hold outside, in the fingers'],
			[[1], 'Hold outside, in the fingers'],
			[[3], 'To peg 1'],
		);
		expect(wayOn(left22, singly, loom)).toMatchObject({ from: singly.length });
		// Lifted one by one, where whole groups are taught.
		const one = done(machine, [[1], 'Lift with the tool of 1 prong'], [[2], 'Lift with the tool of 1 prong']);
		const on = wayOn(left22, one, machine)!;
		expect(whatIsIt(shown, [...one.slice(0, on.from), ...on.moves], machine).isAsked).toBe(true);
		// What passed the other way is taken back first.
		const wrong = done(loom, [[1, 2], 'Park inside, on a pin'], [[3, 4], 'To pegs 1 and 2']);
		expect(wayOn(left22, wrong, loom)!.from).toBeLessThan(wrong.length);
	});
});
