/** The mistakes that happen at a single bed, each a change to what is done. */

import type { StitchNumber } from '../../crossing/index.ts';
import { movesIn, type BedMistake, type BedSite as AnySite } from '../mistakes/mistake.ts';
import type { BedTrace } from '../trace.ts';
import type { BedMove } from './moves.ts';

type Site = AnySite<BedMove>;

/** The procedure without its moves of one kind, from the first of them on. */
function without(trace: BedTrace, drop: (move: BedMove) => boolean, instead: readonly BedMove[] = []): readonly Site[] {
	const at = trace.steps.findIndex(({ move }) => drop(move));
	if (at === -1) return [];
	return [{ at: at + 1, moves: movesIn(trace).flatMap((m, i) => (i === at ? instead : drop(m) ? [] : [m])) }];
}

/** The moves after a loop fell: each handles what is left, or falls away. */
function fallen(trace: BedTrace, i: number, stitch: StitchNumber): Site {
	const after = movesIn(trace).slice(i + 1);
	return { at: i + 1, moves: [...movesIn(trace).slice(0, i + 1), { kind: 'fall', stitch }, ...after] };
}

export const BED_MISTAKES: readonly BedMistake[] = [
	{
		id: 'wrong-side',
		title: 'the other group put down first',
		how: 'The group that should lie on top goes down last, and so lies furthest from the bed.',
		sites: (trace) => {
			const downs = trace.steps.flatMap(({ move }, i) => (move.kind === 'put-down' ? [i] : []));
			const [first, second] = downs;
			if (first === undefined || second === undefined) return [];
			const moves = movesIn(trace);
			const swapped = moves.map((m, i) => (i === first ? moves[second]! : i === second ? moves[first]! : m));
			return [{ at: first + 1, moves: swapped }];
		},
	},
	{
		id: 'not-forward',
		title: 'the needles not brought forward',
		how: 'The carriage passes crossed loops on needles in the working position.',
		sites: (trace) => without(trace, (m) => m.kind === 'place' && m.to === 'forward'),
	},
	{
		id: 'holding-on',
		title: 'holding left on',
		how: 'The lever is on hold, so that the carriage passes the needles that are forward and does not knit them.',
		sites: (trace) => {
			const at = trace.steps.findIndex(({ move }) => move.kind === 'place' && move.to === 'forward');
			const off = movesIn(trace).filter((m) => m.kind !== 'holding');
			return at === -1 ? [] : [{ at: at + 1, moves: [{ kind: 'holding', on: true }, ...off] }];
		},
	},
	{
		id: 'no-weight',
		title: 'the weight not hung again',
		how: 'Nothing pulls the crossed loops down, and they ride up with the needles.',
		sites: (trace) => {
			const again = without(trace, (m) => m.kind === 'weights' && m.on);
			const at = trace.steps.findIndex(({ move }) => move.kind === 'row');
			if (again.length > 0 || at === -1) return again;
			const moves = movesIn(trace);
			return [{ at: at + 1, moves: [...moves.slice(0, at), { kind: 'weights', on: false }, ...moves.slice(at)] }];
		},
	},
	{
		id: 'lost',
		title: 'a loop dropped in the transfer',
		how: 'A loop slides off a prong before its needle has it, and runs down.',
		sites: (trace) =>
			trace.steps.flatMap(({ move, stitches }, i): Site[] =>
				move.kind === 'put-down' ? stitches.map((s) => fallen(trace, i, s)) : [],
			),
	},
	{
		id: 'unpinched',
		title: 'a stitch let down without a pinch',
		how: 'Nothing stops the ladder where it should end, and it runs on.',
		sites: (trace) =>
			trace.steps.flatMap(({ move, stitches }, i): Site[] => {
				if (move.kind !== 'ladder' || stitches.length === 0) return [];
				const moves = movesIn(trace).flatMap((m, at): BedMove[] => {
					if (at === i) return [{ ...move, pinched: false }];
					return m.kind === 'latch-up' && m.needle === move.needle ? [] : [m];
				});
				return [{ at: i + 1, moves }];
			}),
	},
];
