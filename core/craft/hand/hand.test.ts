import { describe, expect, it } from 'vitest';
import { twoGroups, type TwoGroupSpec } from '../../crossing/index.ts';
import type { Move } from '../../handling/index.ts';
import { traceOf, turnedRound } from '../../test/made.ts';
import { hand, perform } from '../index.ts';

const movesOf = (spec: TwoGroupSpec, way: string): readonly Move[] => {
	const planned = hand.plan(twoGroups(spec), way);
	if (!planned.ok) throw new Error(planned.problems[0]!.what);
	return planned.value;
};
const kinds = (spec: TwoGroupSpec, way: string): string =>
	movesOf(spec, way)
		.map((m) => (m.kind === 'work' ? m.stitch : m.kind))
		.join(' ');

const right = { front: 2, behind: 1, lean: 'right' } as const;
const left = { front: 2, behind: 1, lean: 'left' } as const;

describe('the ways by hand', () => {
	it('hold the group at the tip: at the back to lean right, in front to lean left', () => {
		expect(movesOf(right, 'off-holder')[0]).toMatchObject({ kind: 'hold', count: 1, side: 'back' });
		expect(movesOf(left, 'off-holder')[0]).toMatchObject({ kind: 'hold', count: 2, side: 'front' });
	});

	it('enter the other group from the front to lean right and from behind to lean left, and catch from the other side', () => {
		const sides = (spec: TwoGroupSpec): unknown[] =>
			movesOf(spec, 'pinch').flatMap((m) =>
				'from' in m && (m.kind === 'enter' || m.kind === 'recapture') ? [m.kind, m.from] : [],
			);
		expect(sides(right)).toEqual(['enter', 'front', 'recapture', 'behind']);
		expect(sides(left)).toEqual(['enter', 'behind', 'recapture', 'front']);
	});

	it.each([
		['off-holder', 'hold k k k'],
		['returned', 'hold k k return k'],
		['pinch', 'enter withdraw recapture return k k k'],
	])('%s makes its moves in this order when all is knit', (way, order) => {
		expect(kinds(right, way)).toBe(order);
	});

	it('shift the yarn before the first purl and back before the next knit, and not once more', () => {
		expect(kinds({ ...right, behindWork: 'p' }, 'off-holder')).toBe('hold k k yarn p');
		expect(kinds({ ...left, behindWork: 'p' }, 'off-holder')).toBe('yarn hold p yarn k k');
		expect(kinds({ ...left, behindWork: 'p' }, 'returned')).toBe('yarn hold p return yarn k k');
		expect(kinds({ ...left, behindWork: 'p' }, 'pinch')).toBe('yarn enter withdraw recapture return p yarn k k');
		expect(kinds({ ...left, frontWork: 'p', behindWork: 'p' }, 'off-holder')).toBe('yarn hold p p p');
	});

	it('work through the back leg where the name says so', () => {
		const legs = movesOf({ ...left, frontWork: 'ktbl', behindWork: 'p' }, 'off-holder').flatMap((m) =>
			m.kind === 'work' ? [m.leg] : [],
		);
		expect(legs).toEqual(['front', 'back', 'back']);
	});

	it('refuse a crossing that is not of two groups, and a way that nobody knows', () => {
		const codes = (way: string, c = turnedRound): unknown => {
			const planned = perform(hand, c, way);
			return planned.ok ? 'planned' : planned.problems.map((p) => p.code);
		};
		expect(codes('off-holder')).toEqual(['way-does-not-apply']);
		expect(codes('by-wishing', twoGroups(right))).toEqual(['unknown-way']);
	});
});

describe('slips by hand', () => {
	it('change the moves in one thing only', () => {
		const moves = movesOf(left, 'pinch');
		for (const { id } of hand.slips) {
			const slipped = hand.slipInto(moves, id);
			expect(slipped.map((m) => m.kind)).toEqual(moves.map((m) => m.kind));
			expect(slipped).not.toEqual(moves);
			expect(hand.slipInto(slipped, id)).toEqual(moves);
		}
		expect(hand.slipInto(moves, 'none such')).toEqual(moves);
	});
});

describe('the words by hand', () => {
	const wordsOf = (spec: TwoGroupSpec, way: string, what: 'caption' | 'label'): string[] => {
		const trace = traceOf(twoGroups(spec), way);
		return trace.steps.map((_, i) => hand.words(trace, i + 1)[what]);
	};

	it('name one stitch and several, the side, the yarn and the leg', () => {
		expect(wordsOf({ ...right, frontWork: 'ktbl', behindWork: 'p' }, 'off-holder', 'caption')).toEqual([
			'Slip stitch 1 to the holder and let it hang at the back.',
			'Knit stitch 2 through the back loop, passing in front of the one that hangs at the back.',
			'Knit stitch 3 through the back loop, passing in front of the one that hangs at the back.',
			'Bring the yarn forward between the needles, ready to purl.',
			'Purl stitch 1 straight off the holder.',
		]);
	});

	it('have a short label for each move, long runs drawn together', () => {
		expect(wordsOf({ ...left, behindWork: 'p' }, 'returned', 'label')).toEqual([
			'Yarn forward',
			'Hold 1, 2 in front',
			'Purl 3',
			'Return 1, 2',
			'Yarn back',
			'Knit 1',
			'Knit 2',
		]);
		expect(wordsOf({ front: 12, behind: 1, lean: 'left' }, 'off-holder', 'label')[0]).toBe('Hold 1–12 in front');
	});

	it('say something before the first move and nothing beyond the last', () => {
		const trace = traceOf(twoGroups(left), 'off-holder');
		expect(hand.words(trace, 0).label).toBe('Start');
		expect(hand.words(trace, 99)).toEqual({ caption: 'There is no such move.', label: '' });
	});
});
