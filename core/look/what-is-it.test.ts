import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demonstrate, offerWords } from '../craft/index.ts';
import { equal, mirror, twoGroups } from '../crossing/index.ts';
import {
	applyMove,
	asItStands,
	isRun,
	offersFor,
	simulate,
	startState,
	type HandState,
	type Move,
} from '../handling/index.ts';
import { wayOn, whatIsIt } from './index.ts';

const left22 = twoGroups({ front: 2, behind: 2, lean: 'left' });
const shown = demonstrate(left22, 'right');

/** Hands that choose some loops and then one of the offers, again and again; numbers say which. */
function whatever(
	n: number,
	picks: readonly (readonly [number, number, number])[],
): { moves: Move[]; state: HandState } {
	let state = startState(n);
	const moves: Move[] = [];
	for (const [from, count, which] of picks) {
		const chosen = state.loops.slice(from % n, (from % n) + 1 + (count % n)).map((l) => l.stitch);
		const offers = offersFor(state, chosen);
		for (const { refused, move } of offers) {
			const done = applyMove(state, move);
			expect(done.ok).toBe(refused === undefined);
			if (refused) expect(`${refused.what} ${refused.todo}`).toMatch(/^[A-Z].*\. [A-Z].*\.$/);
			expect(offerWords(move, state, 'left')).toMatch(/^[A-Z][^.]+$/);
		}
		const allowed = offers.filter((o) => !o.refused);
		const taken = allowed[which % allowed.length];
		if (!taken) continue;
		const done = applyMove(state, taken.move);
		if (!done.ok) continue;
		moves.push(taken.move);
		state = done.value.state;
	}
	return { moves, state };
}

describe('hands that do as they like', () => {
	const runs = Number(process.env['POND_LOOP_RUNS'] ?? 300);

	it('are refused only what cannot be done, lose no loop, and from anywhere can finish as it stands', () => {
		const pick = fc.tuple(fc.nat(12), fc.nat(6), fc.nat(60));
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 7 }), fc.array(pick, { maxLength: 25 }), (n, picks) => {
				const { moves, state } = whatever(n, picks);
				expect([...state.loops.map((l) => l.stitch), ...state.lost].sort((a, b) => a - b)).toEqual(
					Array.from({ length: n }, (_, i) => i + 1),
				);
				const work = Array.from({ length: n }, () => 'k' as const);
				const { outcome, stopped } = simulate([...moves, ...asItStands(state, work)], startState(n));
				expect([stopped, outcome.unworked, outcome.loose, outcome.kept]).toEqual([undefined, [], [], []]);
			}),
			{ numRuns: runs },
		);
	});

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
				offersFor(held, chosen).flatMap((o) => (o.target && !o.refused ? [`${o.move.kind} ${o.target}`] : [])),
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
		expect([on.from, on.moves.length, on.title]).toEqual([1, 4, 'Off the holder']);
		// Held on the wrong side, the holder is brought to the other one.
		expect(wayOn(left22, [wrong])).toMatchObject({ from: 1, moves: [{ kind: 'swing' }, {}, {}, {}, {}] });
		const knit: Move = { kind: 'work', from: 'left', stitch: 'k', leg: 'front' };
		expect(wayOn(left22, [hold, knit, { kind: 'lose', stitch: 1 }])).toMatchObject({ from: 2 });
	});

	it('always makes what was asked, wherever hands have gone', () => {
		const pick = fc.tuple(fc.nat(12), fc.nat(6), fc.nat(60));
		fc.assert(
			fc.property(fc.array(pick, { maxLength: 8 }), (picks) => {
				const { moves } = whatever(4, picks);
				const on = wayOn(left22, moves)!;
				expect(whatIsIt(shown, [...moves.slice(0, on.from), ...on.moves]).isAsked).toBe(true);
			}),
			{ numRuns: 60 },
		);
	});
});
