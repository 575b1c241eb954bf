/** Holders: filling one, bringing it elsewhere, and giving back what it or a needle carries. */

import { ok, type Result } from '../../result.ts';
import type { MoveOf } from '../moves.ts';
import { holderPlane, loopsOn, NEEDLES_PLANE, turnedMount, type HandState, type Holder, type Loop } from '../state.ts';
import {
	atLeftTip,
	clashes,
	enteredInTheWay,
	keptInTheWay,
	moveTo,
	refuse,
	replace,
	tidy,
	times,
	type HandApplied,
} from './row.ts';

export function hold(state: HandState, move: MoveOf<'hold'>): Result<HandApplied> {
	const holder: Holder = { side: move.side, depth: move.depth ?? 'inner' };
	const hangs = state.holders[move.holder];
	if (hangs && !move.adds) {
		return refuse(
			'That cable needle already has stitches on it.',
			'Work them off first, or take a second cable needle.',
		);
	}
	if (hangs && (hangs.side !== holder.side || hangs.depth !== holder.depth)) {
		return refuse('That cable needle is somewhere else.', 'Add to it where it hangs, or bring it over first.');
	}
	const inTheWay = keptInTheWay(state) ?? enteredInTheWay(state);
	if (inTheWay) return inTheWay;
	const taken = atLeftTip(state, move.count);
	if (!taken) return refuse(`The left needle has fewer than ${move.count} free loops at its tip.`, 'Hold fewer.');
	if (!hangs && clashes(state.holders, holder)) {
		return refuse('Another cable needle is in the same place.', 'Say which of the two is nearer you.');
	}
	const held = taken.map((l): Loop => ({
		...l,
		on: move.holder,
		plane: holderPlane(holder),
		mount: move.turned ? turnedMount(l.mount) : l.mount,
	}));
	return ok({
		state: { ...state, loops: replace(state.loops, held), holders: { ...state.holders, [move.holder]: holder } },
		stitches: held.map((l) => l.stitch),
		passings: [],
	});
}

/** Brings a hanging holder to the other side, or nearer or further, with all that is on it. */
export function swing(state: HandState, move: MoveOf<'swing'>): Result<HandApplied> {
	const others: HandState['holders'] = Object.fromEntries(
		Object.entries(state.holders).filter(([id]) => id !== move.holder),
	);
	if (!state.holders[move.holder])
		return refuse('There is nothing on that cable needle.', 'Slip stitches to it first.');
	const holder: Holder = { side: move.side, depth: move.depth ?? 'inner' };
	if (clashes(others, holder)) {
		return refuse('Another cable needle is in the same place.', 'Say which of the two is nearer you.');
	}
	const carried = loopsOn(state, move.holder).map((l): Loop => ({ ...l, plane: holderPlane(holder) }));
	return ok({
		state: tidy({
			...state,
			loops: replace(state.loops, carried),
			holders: { ...others, [move.holder]: holder },
		}),
		stitches: carried.map((l) => l.stitch),
		passings: [],
	});
}

export function giveBack(state: HandState, move: MoveOf<'return'>): Result<HandApplied> {
	const inTheWay = keptInTheWay(state) ?? enteredInTheWay(state);
	if (inTheWay) return inTheWay;
	const candidates = loopsOn(state, move.from).filter((l) => !l.done);
	const given = candidates.slice(candidates.length - move.count);
	if (move.count < 1 || given.length < move.count) {
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
	const back = given.map((l): Loop => ({
		...l,
		on: 'left',
		plane: NEEDLES_PLANE,
		mount: move.turned ? turnedMount(l.mount) : l.mount,
	}));
	return ok({
		state: tidy({ ...state, loops: replace(moved.loops, back) }),
		stitches: given.map((l) => l.stitch),
		passings: moved.passings,
	});
}
