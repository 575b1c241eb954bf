/** One move at the loom: the next state, or the reason why it cannot be done. */

import type { PassingEvent, StitchNumber } from '../../crossing/index.ts';
import { ok, type fail, type Result } from '../../result.ts';
import { passingsOf } from '../passings.ts';
import { refuse } from '../refuse.ts';
import type { Applied } from '../run.ts';
import type { LoomMove } from './moves.ts';
import {
	barePegs,
	MOST_WRAPPED,
	onPeg,
	planeOfParked,
	ROOM,
	type LoomState,
	type Parked,
	type PegLoop,
} from './state.ts';

type LoomResult = Result<Applied<LoomState>>;
type LoomMoveOf<K extends LoomMove['kind']> = Extract<LoomMove, { kind: K }>;

const WORDS: Readonly<Record<Parked['by'], string>> = {
	peg: 'The far peg',
	pin: 'The pin',
	fingers: 'The fingers',
	holder: 'The stitch holder',
};

/** Linear in the loops times the loops moved. Problem `illegal-move`. */
export function applyOnLoom(state: LoomState, move: LoomMove): LoomResult {
	const [bare] = barePegs(state);
	if (bare !== undefined && move.kind !== 'cast-on' && move.kind !== 'slip-off')
		return refuse(`Peg ${bare} is still bare.`, 'Cast on all of them first.');
	switch (move.kind) {
		case 'cast-on':
			return castOn(state, move);
		case 'park':
			return park(state, move);
		case 'shift':
			return shift(state, move);
		case 'seat':
			return seat(state, move);
		case 'tug':
			return tug(state, move);
		case 'wrap':
			return wrap(state, move);
		case 'lift-over':
			return liftOver(state, move);
		case 'draw-up':
			return drawUp(state, move);
		case 'beyond':
			return beyond(state);
		case 'slip-off':
			return slipOff(state, move);
		default:
			return refuse('That is not a move on a loom.', 'Choose a way for it.');
	}
}

const exists = (state: LoomState, peg: number): ReturnType<typeof fail> | undefined =>
	Number.isInteger(peg) && peg >= 1 && peg <= state.pegs
		? undefined
		: refuse(`There is no peg ${peg} under this crossing.`, `Its pegs are 1 to ${state.pegs}, counted from the right.`);

const change = (
	state: LoomState,
	loops: readonly PegLoop[],
	stitches: readonly StitchNumber[],
	passings: readonly PassingEvent[] = [],
): LoomResult => ok({ state: { ...state, loops }, stitches, passings });

const withLoop = (loops: readonly PegLoop[], newer: PegLoop): readonly PegLoop[] =>
	loops.map((l) => (l.stitch === newer.stitch ? newer : l));

function castOn(state: LoomState, { peg }: LoomMoveOf<'cast-on'>): LoomResult {
	const wrong = exists(state, peg);
	if (wrong) return wrong;
	const [next] = barePegs(state);
	if (next === undefined) return refuse('Every peg has its loop.', 'Go on with the row.');
	if (next !== peg) return refuse(`The yarn has come as far as peg ${next}.`, `Cast on peg ${next} before peg ${peg}.`);
	const loop: PegLoop = { stitch: peg, peg, plane: 0, round: true, borrowed: 0, wrapped: false };
	return change(
		state,
		[...state.loops, loop].sort((a, b) => a.stitch - b.stitch),
		[peg],
	);
}

/** Loops cross before their row is knitted, or after the whole of it; never in its middle. */
function mayCross(state: LoomState): ReturnType<typeof fail> | undefined {
	if (state.loops.some((l) => l.wrapped)) {
		return refuse('The yarn lies over a loop that is not knitted off yet.', 'Lift that loop over first.');
	}
	const done = state.loops.filter((l) => l.done).length;
	if (done === 0 || state.beyond) return undefined;
	return done < state.loops.length
		? refuse('The row stops in the middle of the crossing.', 'Cross before it is begun, or once it is knitted off.')
		: refuse(
				'The working yarn still comes from the last of these loops, and would pull it large.',
				'Knit off the stitch beyond first, or go round and cross on the way back.',
			);
}

function park(state: LoomState, { peg, side, by }: LoomMoveOf<'park'>): LoomResult {
	const wrong = exists(state, peg) ?? mayCross(state);
	if (wrong) return wrong;
	const loop = onPeg(state, peg);
	if (!loop) return refuse(`Peg ${peg} has no loop.`, 'Park one that is on a peg.');
	if ((side === 'across') !== (by === 'peg')) {
		return refuse(
			side === 'across' ? 'Across the gap there are only pegs to park on.' : 'There is no peg to park on there.',
			side === 'across' ? 'Park it on the far peg.' : 'Park it on a pin, on a stitch holder or in the fingers.',
		);
	}
	if (side === 'across' && state.shape === 'rake') {
		return refuse('A straight rake has no pegs across the gap.', 'Park it inside on a pin, or hold it outside.');
	}
	const there = state.loops.filter((l) => l.parked?.side === side && l.parked.by === by);
	if (there.length >= ROOM[by]) {
		return refuse(
			`${WORDS[by]} would hold ${there.length + 1} loops.`,
			`Park ${ROOM[by]} there at most, or take a stitch holder.`,
		);
	}
	const other = state.loops.find((l) => l.parked && (l.parked.side !== side || l.parked.by !== by));
	if (other) {
		return refuse(
			`Loop ${other.stitch} is parked in another place, so it is unclear which is on top.`,
			'Park a group in one place.',
		);
	}
	const parked: PegLoop = { ...loop, peg: undefined, parked: { side, by }, plane: planeOfParked(side) };
	return change(state, withLoop(state.loops, parked), [loop.stitch]);
}

/** The row with a loop put on a peg. What is led to the right goes past all that is parked there, and the same to the left. */
function placed(
	state: LoomState,
	loop: PegLoop,
	to: number,
	hooked: boolean,
): { readonly loops: readonly PegLoop[]; readonly passings: readonly PassingEvent[] } {
	const rest = state.loops.filter((l) => l !== loop);
	const { parked: _, ...free } = loop;
	const way = Math.abs(to - (loop.peg ?? loop.stitch));
	const put: PegLoop = {
		...free,
		peg: to,
		plane: 0,
		round: !hooked,
		borrowed: Math.max(loop.borrowed, way),
	};
	const first = rest.findLastIndex((l) => l.peg !== undefined && l.peg < to) + 1;
	const beyondIt = rest.findIndex((l) => l.peg !== undefined && l.peg > to);
	const last = beyondIt === -1 ? rest.length : beyondIt;
	const now = state.loops.indexOf(loop);
	// A parked loop stays where it hangs if it may; one from a peg is led past everything on its way.
	const at =
		loop.peg === undefined ? Math.min(last, Math.max(first, now)) : loop.peg > to ? first : loop.peg < to ? last : now;
	const after = [...rest.slice(0, at), put, ...rest.slice(at)];
	// Lifted off its peg and led past a loop that stays on its own, it goes round that on the worker's side.
	const planeOf = (mover: PegLoop, past: PegLoop): number =>
		mover.peg !== undefined && past.peg !== undefined ? LED_PAST : mover.plane;
	return { loops: after, passings: passingsOf(state.loops, after, [loop.stitch], planeOf) };
}
/** Nearer the worker than a loop on its peg, further than what is held outside. */
const LED_PAST = 0.5;

function shift(state: LoomState, { from, to, hooked = false }: LoomMoveOf<'shift'>): LoomResult {
	const wrong = exists(state, from) ?? exists(state, to) ?? mayCross(state);
	if (wrong) return wrong;
	const loop = onPeg(state, from);
	if (!loop) return refuse(`Peg ${from} has no loop.`, 'Shift one that is on a peg.');
	const wanted = occupied(state, to);
	if (wanted) return wanted;
	const { loops, passings } = placed(state, loop, to, hooked);
	return change(state, loops, [loop.stitch], passings);
}

const occupied = (state: LoomState, to: number): ReturnType<typeof fail> | undefined =>
	onPeg(state, to) && refuse(`Peg ${to} already has a loop.`, 'Park that one first, or take a free peg.');

function seat(state: LoomState, { stitch, to, hooked = false }: LoomMoveOf<'seat'>): LoomResult {
	const wrong = exists(state, to) ?? mayCross(state) ?? occupied(state, to);
	if (wrong) return wrong;
	const loop = state.loops.find((l) => l.stitch === stitch);
	if (!loop?.parked) return refuse(`Loop ${stitch} is not parked.`, 'Seat one that is.');
	const { loops, passings } = placed(state, loop, to, hooked);
	return change(state, loops, [stitch], passings);
}

/** Pulled level: nothing stays borrowed. A hooked loop is pulled round no peg by that. */
function tug(state: LoomState, { peg, count }: LoomMoveOf<'tug'>): LoomResult {
	const wrong = exists(state, peg) ?? exists(state, peg + count - 1);
	if (wrong) return wrong;
	const level = state.loops.filter((l) => l.peg !== undefined && l.peg >= peg && l.peg < peg + count);
	if (level.length === 0) return refuse('There is no loop to tug.', 'Seat the loops first.');
	const stitches = level.map((l) => l.stitch);
	const loops = state.loops.map((l) => (stitches.includes(l.stitch) ? { ...l, borrowed: 0 } : l));
	return change(state, loops, stitches);
}

/** Pegs in the order in which the row is wrapped. */
const inRowOrder = (state: LoomState): readonly number[] => {
	const pegs = Array.from({ length: state.pegs }, (_, i) => i + 1);
	return state.direction === 'leftwards' ? pegs : pegs.reverse();
};

/** The pegs whose loops wait for the yarn, next one first. */
const waiting = (state: LoomState): readonly number[] =>
	inRowOrder(state).filter((peg) => {
		const loop = onPeg(state, peg);
		return loop && !loop.done && !loop.wrapped;
	});

/** What has to hold before the yarn is laid or drawn at a peg. */
function mayWork(state: LoomState, peg: number): ReturnType<typeof fail> | undefined {
	const wrong = exists(state, peg);
	if (wrong) return wrong;
	const parked = state.loops.find((l) => l.parked);
	if (parked) return refuse(`Loop ${parked.stitch} is still parked.`, 'Seat it before the row goes on.');
	if (!onPeg(state, peg)) return refuse(`Peg ${peg} has no loop.`, 'Knit off pegs that do.');
	const [next] = waiting(state);
	if (next === undefined) return refuse('Every loop here is knitted off or wrapped.', 'Go on with the next move.');
	return next === peg
		? undefined
		: refuse(`The yarn has come as far as peg ${next}.`, `Work peg ${next} before peg ${peg}.`);
}

function wrap(state: LoomState, { peg, count }: LoomMoveOf<'wrap'>): LoomResult {
	const wrong = mayWork(state, peg);
	if (wrong) return wrong;
	if (!Number.isInteger(count) || count < 1 || count > MOST_WRAPPED) {
		return refuse(`${count} pegs wrapped at once leave too little yarn to lift over.`, `Wrap ${MOST_WRAPPED} at most.`);
	}
	const pegs = waiting(state).slice(0, count);
	if (pegs.length < count) return refuse('There are fewer loops than that to wrap.', 'Wrap those that wait.');
	const wrapped = state.loops.filter((l) => l.peg !== undefined && pegs.includes(l.peg)).map((l) => l.stitch);
	return change(
		state,
		state.loops.map((l) => (wrapped.includes(l.stitch) ? { ...l, wrapped: true } : l)),
		wrapped,
	);
}

/** A loop that does not go round its peg is not there to be lifted: it hangs up, with the wrap above it. */
function liftOver(state: LoomState, { peg }: LoomMoveOf<'lift-over'>): LoomResult {
	const wrong = exists(state, peg);
	if (wrong) return wrong;
	const loop = onPeg(state, peg);
	if (!loop?.wrapped) return refuse(`There is no yarn round peg ${peg}.`, 'Wrap it first.');
	return change(state, withLoop(state.loops, { ...loop, wrapped: false, done: 'k' }), [loop.stitch]);
}

function drawUp(state: LoomState, { peg }: LoomMoveOf<'draw-up'>): LoomResult {
	const wrong = mayWork(state, peg);
	if (wrong) return wrong;
	const loop = onPeg(state, peg)!;
	return change(state, withLoop(state.loops, { ...loop, done: 'p' }), [loop.stitch]);
}

function beyond(state: LoomState): LoomResult {
	if (state.loops.some((l) => !l.done)) {
		return refuse('Not every loop of the crossing is knitted off.', 'Knit the row as far as this first.');
	}
	return ok({ state: { ...state, beyond: true }, stitches: [], passings: [] });
}

function slipOff(state: LoomState, { stitch }: LoomMoveOf<'slip-off'>): LoomResult {
	if (!state.loops.some((l) => l.stitch === stitch)) {
		return refuse(`Loop ${stitch} is not there to slip off.`, 'Choose one that is.');
	}
	return ok({
		state: {
			...state,
			loops: state.loops.filter((l) => l.stitch !== stitch),
			lost: [...state.lost, stitch].sort((a, b) => a - b),
		},
		stitches: [stitch],
		passings: [],
	});
}
