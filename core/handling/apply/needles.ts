/** The two needles: slipping, entering, drawing out, catching again, and loops that are let go. */

import { ok, type Result } from '../../result.ts';
import type { MoveOf } from '../moves.ts';
import { carriedPlane, loopsOn, NEEDLES_PLANE, turnedMount, type HandState, type Loop, type Needle } from '../state.ts';
import {
	atLeftTip,
	enteredInTheWay,
	keptInTheWay,
	moveTo,
	refuse,
	replace,
	tidy,
	times,
	type HandApplied,
} from './row.ts';

const otherNeedle = (needle: Needle): Needle => (needle === 'left' ? 'right' : 'left');

/** Unworked loops of a needle, the nearest to its tip first. */
export const fromTip = (state: HandState, needle: Needle): readonly Loop[] => {
	const free = loopsOn(state, needle).filter((l) => !l.done);
	return needle === 'left' ? free : [...free].reverse();
};

/** The same loops from right to left, as the row runs. */
const inRow = (loops: readonly Loop[], needle: Needle): readonly Loop[] =>
	needle === 'left' ? loops : [...loops].reverse();

export function slip(state: HandState, move: MoveOf<'slip'>): Result<HandApplied> {
	const inTheWay = keptInTheWay(state) ?? enteredInTheWay(state);
	if (inTheWay) return inTheWay;
	const taken = atLeftTip(state, move.count);
	if (!taken) return refuse(`The left needle has fewer than ${move.count} free loops at its tip.`, 'Slip fewer.');
	const stitches = taken.map((l) => l.stitch);
	const moved = moveTo(state.loops, stitches, 'right-tip', (l) => l.plane);
	const slipped = taken.map((l): Loop => ({
		...l,
		on: 'right',
		plane: NEEDLES_PLANE,
		mount: move.turned ? turnedMount(l.mount) : l.mount,
	}));
	return ok({ state: { ...state, loops: replace(moved.loops, slipped) }, stitches, passings: moved.passings });
}

export function enter(state: HandState, move: MoveOf<'enter'>): Result<HandApplied> {
	const kept = keptInTheWay(state);
	if (kept) return kept;
	const into = otherNeedle(move.needle);
	const target = inRow(fromTip(state, into).slice(move.skip, move.skip + move.count), into);
	if (move.count < 1 || move.skip < 0 || target.length < move.count) {
		return refuse(`There are not ${times(move.count)} beyond the first ${move.skip}.`, 'Enter fewer.');
	}
	if (state.loops.some((l) => l.entered)) {
		return refuse(
			`The ${move.needle} needle is already in other loops.`,
			`Withdraw the ${into} needle from those first.`,
		);
	}
	const entered = target.map((l): Loop => ({ ...l, entered: { needle: move.needle, from: move.from } }));
	return ok({
		state: { ...state, loops: replace(state.loops, entered) },
		stitches: target.map((l) => l.stitch),
		passings: [],
	});
}

export function withdraw(state: HandState, move: MoveOf<'withdraw'>): Result<HandApplied> {
	const { needle, count } = move;
	const loops = fromTip(state, needle);
	const left = inRow(loops.slice(0, count), needle);
	if (count < 1 || left.length < count) {
		return refuse(`There are not ${times(count)} on the ${needle} needle.`, 'Withdraw from fewer.');
	}
	if (loops.slice(count).some((l) => l.entered)) {
		return refuse(
			`The ${needle} needle would keep loops that the ${otherNeedle(needle)} one has entered.`,
			'Withdraw from all of them.',
		);
	}
	const kept = keptInTheWay(state);
	if (kept) return kept;
	const to = otherNeedle(needle);
	const freed = replace(
		state.loops,
		left.map((l): Loop => {
			const { entered, ...rest } = l;
			return entered
				? { ...rest, on: to, plane: carriedPlane(entered.from, NEEDLES_PLANE) }
				: { ...rest, on: 'loose', plane: NEEDLES_PLANE };
		}),
	);
	const moved = moveTo(
		freed,
		left.filter((l) => l.entered).map((l) => l.stitch),
		to === 'right' ? 'right-tip' : 'left-tip',
		(l) => l.plane,
	);
	return ok({ state: { ...state, loops: moved.loops }, stitches: left.map((l) => l.stitch), passings: moved.passings });
}

export function recapture(state: HandState, move: MoveOf<'recapture'>): Result<HandApplied> {
	const { needle, count, from } = move;
	const inTheWay = keptInTheWay(state) ?? enteredInTheWay(state);
	if (inTheWay) return inTheWay;
	const loose = loopsOn(state, 'loose');
	const caught = needle === 'left' ? loose.slice(Math.max(0, loose.length - count)) : loose.slice(0, count);
	if (count < 1 || caught.length < count) {
		return refuse(`There are not ${times(count)} hanging loose.`, 'Catch fewer.');
	}
	const stitches = caught.map((l) => l.stitch);
	const moved = moveTo(state.loops, stitches, needle === 'left' ? 'left-tip' : 'right-tip', (l) => l.plane);
	const onNeedle = caught.map((l): Loop => ({ ...l, on: needle, plane: carriedPlane(from, NEEDLES_PLANE) }));
	return ok({ state: { ...state, loops: replace(moved.loops, onNeedle) }, stitches, passings: moved.passings });
}

export function drop(state: HandState, move: MoveOf<'drop'>): Result<HandApplied> {
	const inTheWay = keptInTheWay(state) ?? enteredInTheWay(state);
	if (inTheWay) return inTheWay;
	const [loop] = atLeftTip(state, 1) ?? [];
	if (!loop) return refuse('There is no free loop at the tip of the left needle.', 'Withdraw the other needle first.');
	const fallen: Loop = { ...loop, on: 'loose', plane: carriedPlane(move.hang, NEEDLES_PLANE) };
	return ok({ state: { ...state, loops: replace(state.loops, [fallen]) }, stitches: [loop.stitch], passings: [] });
}

export function release(state: HandState, move: MoveOf<'release'>): Result<HandApplied> {
	const off = state.kept.slice(0, move.count);
	if (move.count < 1 || off.length < move.count) {
		return refuse(`There are not ${move.count} old loops to let off.`, 'Let off fewer.');
	}
	const before = off.find(({ after }) => loopsOn(state, 'left').some((l) => l.stitch === after));
	if (before) {
		return refuse(
			`Stitch ${before.after} comes before the old loop of ${before.stitch}.`,
			`Work ${before.after} first.`,
		);
	}
	const stitches = off.map(({ stitch }) => stitch);
	return ok({ state: { ...state, kept: state.kept.slice(move.count) }, stitches, passings: [] });
}

export function lose(state: HandState, move: MoveOf<'lose'>): Result<HandApplied> {
	const loop = state.loops.find((l) => l.stitch === move.stitch);
	if (!loop || loop.done) {
		return refuse(`Stitch ${move.stitch} has no open loop to lose.`, 'Choose one that is not worked yet.');
	}
	const loops = state.loops.filter((l) => l !== loop);
	return ok({
		state: tidy({ ...state, loops, lost: [...state.lost, loop.stitch] }),
		stitches: [loop.stitch],
		passings: [],
	});
}
