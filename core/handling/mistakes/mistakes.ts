/** The mistakes that happen inside one crossing. */

import type { Side } from '../../crossing/index.ts';
import type { From, Move } from '../moves.ts';
import { stateAt } from '../run.ts';
import type { Trace } from '../trace.ts';
import { loopsOn, type HandState, type HolderId } from '../state.ts';
import { changed, eachMove, otherFrom, withoutStitch, withYarn } from './changes.ts';
import { movesIn, type HandMistake, type HandMistakeId, type BedSite as AnySite } from './mistake.ts';

type HandSite = AnySite<Move>;

const otherSide = (side: Side): Side => (side === 'front' ? 'back' : 'front');

/** Entered, caught or reached past from the other side: without a holder these say what lies on top, and go wrong together. */
const turnedRound = (move: Move): Move => {
	switch (move.kind) {
		case 'enter':
		case 'recapture':
			return { ...move, from: otherFrom(move.from) };
		case 'drop':
			return { ...move, hang: otherFrom(move.hang) };
		case 'work':
			return move.past ? { ...move, past: otherFrom(move.past) } : move;
		default:
			return move;
	}
};

const wrongSide: HandMistake = {
	id: 'wrong-side',
	title: 'held on the other side',
	how: 'The held stitches are in front instead of at the back, or the other way round. Without a cable needle: the needle goes in from the wrong side.',
	sites: (trace) => {
		const held = eachMove(trace, (m) => (m.kind === 'hold' ? { ...m, side: otherSide(m.side) } : undefined));
		if (held.length > 0) return held;
		const moves = movesIn(trace).map(turnedRound);
		const at = trace.steps.findIndex(({ move }) => turnedRound(move) !== move);
		return at === -1 ? [] : [{ at: at + 1, moves }];
	},
};

const knitwise: HandMistake = {
	id: 'knitwise',
	title: 'slipped knitwise',
	how: 'The stitches are slipped as if to knit, which turns them, and then worked through the front leg.',
	sites: (trace) =>
		eachMove(trace, (m) =>
			(m.kind === 'hold' || m.kind === 'slip') && !m.turned ? { ...m, turned: true } : undefined,
		),
};

const wrongLeg: HandMistake = {
	id: 'wrong-leg',
	title: 'worked through the wrong leg',
	how: 'The needle goes through the back leg, which twists the stitch.',
	sites: (trace) =>
		eachMove(trace, (m) => (m.kind === 'work' ? { ...m, leg: m.leg === 'front' ? 'back' : 'front' } : undefined)),
};

const yarnLeft: HandMistake = {
	id: 'yarn-left',
	title: 'yarn not moved',
	how: 'The yarn stays on the wrong side for the next stitch, and goes over the needle.',
	sites: (trace) => {
		const shifts = trace.steps.flatMap(({ move }, i) => (move.kind === 'yarn' ? [changed(trace, i)] : []));
		const first = trace.steps.findIndex(({ move }) => move.kind === 'work');
		const { move } = trace.steps[first] ?? {};
		if (move?.kind !== 'work' || stateAt(trace, first).yarn !== 'behind' || move.stitch === 'p') return shifts;
		// After a purl before the crossing it may still hang in front.
		return [changed(trace, first, { kind: 'yarn', to: 'front' }, move), ...shifts];
	},
};

const hangingIds = (state: HandState): readonly HolderId[] => Object.keys(state.holders) as HolderId[];

/** A site at each stitch worked off the left needle while a holder hangs. */
const whileHolding = (trace: Trace, instead: (state: HandState, move: Move) => Move | undefined): readonly HandSite[] =>
	trace.steps.flatMap(({ move }, i) => {
		const state = stateAt(trace, i);
		if (move.kind !== 'work' || move.from !== 'left' || hangingIds(state).length === 0) return [];
		const first = instead(state, move);
		return first ? [changed(trace, i, first, move)] : [];
	});

const yarnRound: HandMistake = {
	id: 'yarn-round',
	title: 'yarn round the cable needle',
	how: 'The yarn goes round the cable needle.',
	sites: (trace) => whileHolding(trace, (state) => ({ kind: 'yarn', to: state.yarn, round: hangingIds(state)[0]! })),
};

const yarnOutside: HandMistake = {
	id: 'yarn-outside',
	title: 'yarn outside the cable needle',
	how: 'The yarn goes outside the cable needle instead of between it and the needles.',
	sites: (trace) =>
		whileHolding(trace, (state, move) => {
			const needed: From = move.kind === 'work' && move.stitch === 'p' ? 'front' : 'behind';
			const side: Side = needed === 'front' ? 'front' : 'back';
			const hangs = Object.values(state.holders).some((h) => h.side === side);
			return hangs && state.yarn === needed && !state.outside ? { kind: 'yarn', to: needed, outside: true } : undefined;
		}),
};

const wrongOrder: HandMistake = {
	id: 'wrong-order',
	title: 'worked from the wrong end of the cable needle',
	how: 'The stitches come off the end that they went on, the last one first.',
	sites: (trace) =>
		(['holder-1', 'holder-2'] as const).flatMap((id): HandSite[] => {
			const at = trace.steps.flatMap(({ move }, i) => (move.kind === 'work' && move.from === id ? [i] : []));
			// Of a single stitch both ends are the same.
			if (!at.some((i) => loopsOn(stateAt(trace, i), id).length > 1)) return [];
			const moves = movesIn(trace).map((m, i): Move =>
				m.kind === 'work' && at.includes(i) ? { ...m, end: 'far' } : m,
			);
			return [{ at: at[0]! + 1, moves }];
		}),
};

const TRANSFERS: readonly Move['kind'][] = ['hold', 'slip', 'withdraw', 'recapture', 'return', 'drop'];

const lost: HandMistake = {
	id: 'lost',
	title: 'a dropped stitch',
	how: 'A stitch slips out of the pinch or off a needle, and runs down.',
	sites: (trace) =>
		trace.steps.flatMap(({ move, stitches }, i) =>
			TRANSFERS.includes(move.kind) ? stitches.map((s) => withoutStitch(trace, i, s)) : [],
		),
};

const split: HandMistake = {
	id: 'split',
	title: 'a split stitch',
	how: 'The needle goes through only part of the yarn.',
	sites: (trace) => eachMove(trace, (m) => (m.kind === 'work' ? { ...m, split: true } : undefined)),
};

const wrongWork: HandMistake = {
	id: 'wrong-work',
	title: 'knit and purl mixed up',
	how: 'A stitch is purled where it should be knit, or knit where it should be purled.',
	sites: (trace) =>
		eachMove(trace, (m) => (m.kind === 'work' ? { ...m, stitch: m.stitch === 'k' ? 'p' : 'k' } : undefined)).map(
			({ at, moves }) => ({ at, moves: withYarn(moves) }),
		),
};

export const MISTAKES: Readonly<Record<HandMistakeId, HandMistake>> = {
	'wrong-side': wrongSide,
	knitwise,
	'wrong-leg': wrongLeg,
	'yarn-left': yarnLeft,
	'yarn-round': yarnRound,
	'yarn-outside': yarnOutside,
	'wrong-order': wrongOrder,
	lost,
	split,
	'wrong-work': wrongWork,
};
