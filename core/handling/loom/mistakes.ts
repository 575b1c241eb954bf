/** The mistakes that happen at a loom, each a change to what is done. */

import { movesIn, type LoomMistake, type BedSite as AnySite } from '../mistakes/mistake.ts';
import type { LoomTrace } from '../trace.ts';
import type { LoomMove } from './moves.ts';

type LoomSite = AnySite<LoomMove>;

const each = (trace: LoomTrace, otherwise: (move: LoomMove) => LoomMove | undefined): readonly LoomSite[] =>
	trace.steps.flatMap(({ move }, i): LoomSite[] => {
		const instead = otherwise(move);
		return instead ? [{ at: i + 1, moves: movesIn(trace).map((m, at) => (at === i ? instead : m)) }] : [];
	});

export const LOOM_MISTAKES: readonly LoomMistake[] = [
	{
		id: 'wrong-side',
		title: 'parked on the other side',
		how: 'The group hangs outside, nearer the worker, when it should hang inside; or the other way round.',
		sites: (trace) => {
			const at = trace.steps.findIndex(({ move }) => move.kind === 'park');
			if (at === -1) return [];
			const moves = movesIn(trace).map((m): LoomMove => {
				if (m.kind !== 'park') return m;
				return m.side === 'outside' ? { ...m, side: 'inside', by: 'pin' } : { ...m, side: 'outside', by: 'holder' };
			});
			return [{ at: at + 1, moves }];
		},
	},
	{
		id: 'wrong-order',
		title: 'parked loops seated in the wrong order',
		how: 'The loops come off the pin in the wrong order, and cross inside their own group.',
		sites: (trace) => {
			const seats = trace.steps.flatMap(({ move }) => (move.kind === 'seat' ? [move] : []));
			const first = trace.steps.findIndex(({ move }) => move.kind === 'seat');
			if (seats.length < 2) return [];
			const pegs = seats.map((s) => s.to).reverse();
			let next = 0;
			const moves = movesIn(trace).map((m): LoomMove => (m.kind === 'seat' ? { ...m, to: pegs[next++]! } : m));
			return [{ at: first + 1, moves }];
		},
	},
	{
		id: 'hung-up',
		title: 'a loop hooked over one side of its peg',
		how: 'The loop does not go all round its peg, so it cannot be lifted over.',
		sites: (trace) =>
			each(trace, (m) => (m.kind === 'seat' || m.kind === 'shift' ? { ...m, hooked: true } : undefined)),
	},
	{
		id: 'not-tugged',
		title: 'the loops not tugged back',
		how: 'The loop keeps the yarn that it took from its neighbours.',
		sites: (trace) =>
			trace.steps.flatMap(({ move }, i): LoomSite[] =>
				move.kind === 'tug' ? [{ at: i + 1, moves: movesIn(trace).filter((_, at) => at !== i) }] : [],
			),
	},
	{
		id: 'lost',
		title: 'a loop lost on the way',
		how: 'A loop slips off the pin, the fingers or the peg it is brought to, and runs down.',
		sites: (trace) =>
			trace.steps.flatMap(({ move, stitches: [stitch] }, i): LoomSite[] => {
				if ((move.kind !== 'park' && move.kind !== 'shift') || stitch === undefined) return [];
				// What is done with it afterwards falls away, and so does its wrap.
				const peg = trace.steps.at(-1)!.state.loops.find((l) => l.stitch === stitch)?.peg;
				const after = trace.steps.slice(i + 1).flatMap(({ move: m, stitches }): LoomMove[] => {
					if (m.kind === 'wrap' && m.count > 1 && stitches.includes(stitch)) {
						const left = stitches.find((s) => s !== stitch);
						const at = trace.steps.at(-1)!.state.loops.find((l) => l.stitch === left)?.peg;
						return at === undefined ? [] : [{ ...m, peg: at, count: 1 }];
					}
					if (m.kind === 'tug') return [m];
					return stitches.includes(stitch) || ('peg' in m && m.kind !== 'park' && m.peg === peg) ? [] : [m];
				});
				return [{ at: i + 1, moves: [...movesIn(trace).slice(0, i + 1), { kind: 'slip-off', stitch }, ...after] }];
			}),
	},
	{
		id: 'wrong-work',
		title: 'knit and purl mixed up',
		how: 'The yarn is drawn up from below where it should be lifted over, or the other way round.',
		sites: (trace) =>
			trace.steps.flatMap(({ move }, i): LoomSite[] => {
				if (move.kind !== 'draw-up') return [];
				const knit: LoomMove[] = [
					{ kind: 'wrap', peg: move.peg, count: 1 },
					{ kind: 'lift-over', peg: move.peg },
				];
				return [{ at: i + 1, moves: movesIn(trace).flatMap((m, at) => (at === i ? knit : [m])) }];
			}),
	},
];
