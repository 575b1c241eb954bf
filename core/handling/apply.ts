/** One move on one state: the next state, or the reason why hands cannot do it. */

import type { StitchNumber } from '../crossing/index.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Move } from './moves.ts';
import { carriedPlane, holderPlane, loopsOn, NEEDLES_PLANE, type HandState, type Holder, type Loop } from './state.ts';

/**
 * Two stitches changing order. `upper` is the one whose plane was nearer the
 * viewer at that moment; `undefined` when both were in the same plane, which
 * tangles them.
 */
export interface PassingEvent {
	readonly pair: readonly [StitchNumber, StitchNumber];
	readonly upper: StitchNumber | undefined;
}

export interface Applied {
	readonly state: HandState;
	/** The loops that the move handled, from right to left. */
	readonly stitches: readonly StitchNumber[];
	readonly passings: readonly PassingEvent[];
}

const refuse = (what: string, todo: string): ReturnType<typeof fail> => fail({ code: 'illegal-move', what, todo });

const times = (count: number): string => (count === 1 ? '1 loop' : `${count} loops`);

export function applyMove(state: HandState, move: Move): Result<Applied> {
	switch (move.kind) {
		case 'hold':
			return hold(state, move);
		case 'work':
			return work(state, move);
		case 'yarn':
			if (state.yarn === move.to) return refuse('The yarn is there already.', 'Leave the yarn where it is.');
			return ok({ state: { ...state, yarn: move.to }, stitches: [], passings: [] });
		case 'return':
			return giveBack(state, move);
		case 'enter':
			return enter(state, move);
		case 'withdraw':
			return withdraw(state, move);
		case 'recapture':
			return recapture(state, move);
	}
}

type MoveOf<K extends Move['kind']> = Extract<Move, { kind: K }>;

function hold(state: HandState, move: MoveOf<'hold'>): Result<Applied> {
	if (state.holders[move.holder]) {
		return refuse('That holder already has stitches on it.', 'Work them off first, or take a second holder.');
	}
	const taken = atLeftTip(state, move.count);
	if (!taken) return refuse(`There are not ${move.count} free loops at the tip of the left needle.`, 'Hold fewer.');
	const holder: Holder = { side: move.side, depth: move.depth ?? 'inner' };
	const clash = Object.values(state.holders).some((h) => h.side === holder.side && h.depth === holder.depth);
	if (clash) return refuse('Another holder hangs in that very place.', 'Say which of the two hangs nearer you.');
	const held = taken.map((l): Loop => ({ ...l, on: move.holder, plane: holderPlane(holder) }));
	return ok({
		state: { ...state, loops: replace(state.loops, held), holders: { ...state.holders, [move.holder]: holder } },
		stitches: held.map((l) => l.stitch),
		passings: [],
	});
}

function work(state: HandState, move: MoveOf<'work'>): Result<Applied> {
	const [loop] = loopsOn(state, move.from);
	if (!loop) {
		const where = move.from === 'left' ? 'left needle' : 'holder';
		return refuse(`There is no stitch left on the ${where}.`, 'Look where the next stitch hangs.');
	}
	if (loop.entered) return refuse('The other needle is still in that loop.', 'Withdraw one of the needles first.');
	const unworked = loopsOn(state, 'right').some((l) => !l.done);
	if (unworked)
		return refuse('The right needle still carries unworked loops.', 'Put them back on the left needle first.');
	const leading = loop.mount === 'front' ? 'front' : 'back';
	const done = { stitch: move.stitch, twisted: move.leg !== leading };
	const moved = moveTo(state.loops, [loop.stitch], 'right-tip', (l) => l.plane);
	const made: Loop = { stitch: loop.stitch, on: 'right', plane: NEEDLES_PLANE, mount: 'front', done };
	const wanted = move.stitch === 'k' ? 'behind' : 'front';
	return ok({
		state: dropEmptyHolders({
			...state,
			loops: replace(moved.loops, [made]),
			// The yarn comes over the needle as well as through the stitch.
			extraLoops: state.extraLoops + (state.yarn === wanted ? 0 : 1),
		}),
		stitches: [loop.stitch],
		passings: moved.passings,
	});
}

function giveBack(state: HandState, move: MoveOf<'return'>): Result<Applied> {
	const candidates = loopsOn(state, move.from).filter((l) => !l.done);
	const given = candidates.slice(candidates.length - move.count);
	if (move.count < 1 || given.length < move.count || given.some((l) => l.entered)) {
		return refuse(`There are not ${times(move.count)} to put back.`, 'Return fewer.');
	}
	// Off a holder they come to the needles' plane as they go; a needle carries
	// its loops in its own plane until it gives them up.
	const planeOf = (l: Loop): number => (move.from === 'right' ? l.plane : NEEDLES_PLANE);
	const moved = moveTo(
		state.loops,
		given.map((l) => l.stitch),
		'left-tip',
		planeOf,
	);
	const back = given.map((l): Loop => ({ ...l, on: 'left', plane: NEEDLES_PLANE }));
	return ok({
		state: dropEmptyHolders({ ...state, loops: replace(moved.loops, back) }),
		stitches: given.map((l) => l.stitch),
		passings: moved.passings,
	});
}

function enter(state: HandState, move: MoveOf<'enter'>): Result<Applied> {
	const reachable = loopsOn(state, 'left');
	const target = reachable.slice(move.skip, move.skip + move.count);
	if (move.count < 1 || target.length < move.count) {
		return refuse(`There are not ${times(move.count)} beyond the first ${move.skip}.`, 'Enter fewer.');
	}
	if (state.loops.some((l) => l.entered)) {
		return refuse('The right needle is already in other loops.', 'Withdraw the left needle from those first.');
	}
	const entered = target.map((l): Loop => ({ ...l, entered: { needle: 'right', from: move.from } }));
	return ok({
		state: { ...state, loops: replace(state.loops, entered) },
		stitches: target.map((l) => l.stitch),
		passings: [],
	});
}

function withdraw(state: HandState, move: MoveOf<'withdraw'>): Result<Applied> {
	const left = loopsOn(state, 'left').slice(0, move.count);
	if (move.count < 1 || left.length < move.count) {
		return refuse(`There are not ${times(move.count)} on the left needle.`, 'Withdraw from fewer.');
	}
	const caught = left.filter((l) => l.entered);
	const split = loopsOn(state, 'left')
		.slice(move.count)
		.some((l) => l.entered);
	if (split)
		return refuse('The left needle would keep loops that the right one has entered.', 'Withdraw from all of them.');
	const loops = replace(
		state.loops,
		left.map((l): Loop => {
			const { entered, ...rest } = l;
			return entered
				? { ...rest, on: 'right', plane: carriedPlane(entered.from, NEEDLES_PLANE) }
				: { ...rest, on: 'loose', plane: NEEDLES_PLANE };
		}),
	);
	const moved = moveTo(
		loops,
		caught.map((l) => l.stitch),
		'right-tip',
		(l) => l.plane,
	);
	return ok({ state: { ...state, loops: moved.loops }, stitches: left.map((l) => l.stitch), passings: moved.passings });
}

function recapture(state: HandState, move: MoveOf<'recapture'>): Result<Applied> {
	const loose = loopsOn(state, 'loose');
	const caught = loose.slice(loose.length - move.count);
	if (move.count < 1 || caught.length < move.count) {
		return refuse(`There are not ${times(move.count)} hanging loose.`, 'Catch fewer.');
	}
	const moved = moveTo(
		state.loops,
		caught.map((l) => l.stitch),
		'left-tip',
		(l) => l.plane,
	);
	const onNeedle = caught.map((l): Loop => ({ ...l, on: 'left', plane: carriedPlane(move.from, NEEDLES_PLANE) }));
	return ok({
		state: { ...state, loops: replace(moved.loops, onNeedle) },
		stitches: caught.map((l) => l.stitch),
		passings: moved.passings,
	});
}

/** The first `count` loops of the left needle, when they are there and no other needle is in them. */
function atLeftTip(state: HandState, count: number): readonly Loop[] | undefined {
	const taken = loopsOn(state, 'left').slice(0, count);
	return count >= 1 && taken.length === count && !taken.some((l) => l.entered) ? taken : undefined;
}

/** The same row with some loops replaced by newer versions of themselves. */
function replace(loops: readonly Loop[], newer: readonly Loop[]): readonly Loop[] {
	const byStitch = new Map(newer.map((l) => [l.stitch, l]));
	return loops.map((l) => byStitch.get(l.stitch) ?? l);
}

/**
 * Moves a run of loops along the row to a needle's tip, keeping its inner order.
 * Every loop that it goes past is a passing, decided by the planes of that moment.
 */
function moveTo(
	loops: readonly Loop[],
	stitches: readonly StitchNumber[],
	to: 'right-tip' | 'left-tip',
	planeOf: (l: Loop) => number,
): { readonly loops: readonly Loop[]; readonly passings: readonly PassingEvent[] } {
	const moving = loops.filter((l) => stitches.includes(l.stitch));
	const rest = loops.filter((l) => !stitches.includes(l.stitch));
	const lastRight = rest.findLastIndex((l) => l.on === 'right') + 1;
	const firstLeft = rest.findIndex((l) => l.on === 'left');
	const at = to === 'right-tip' ? lastRight : firstLeft === -1 ? rest.length : firstLeft;
	const after = [...rest.slice(0, at), ...moving, ...rest.slice(at)];
	const passings: PassingEvent[] = [];
	for (const mover of moving) {
		for (const still of rest) {
			const before = loops.indexOf(mover) < loops.indexOf(still);
			const now = after.indexOf(mover) < after.indexOf(still);
			if (before === now) continue;
			const gap = planeOf(mover) - still.plane;
			const upper = gap === 0 ? undefined : gap > 0 ? mover.stitch : still.stitch;
			passings.push({ pair: [mover.stitch, still.stitch], upper });
		}
	}
	return { loops: after, passings };
}

function dropEmptyHolders(state: HandState): HandState {
	const used = new Set(state.loops.map((l) => l.on));
	const holders = Object.fromEntries(Object.entries(state.holders).filter(([id]) => used.has(id as Loop['on'])));
	return { ...state, holders };
}
