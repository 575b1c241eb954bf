/** Working a stitch, and where the yarn is when that is done. */

import { ok, type Result } from '../../result.ts';
import type { MoveOf } from '../moves.ts';
import { loopsOn, NEEDLES_PLANE, pastPlane, type Bar, type DoneStitch, type HandState, type Loop } from '../state.ts';
import { enteredInTheWay, hangingOn, moveTo, refuse, replace, tidy, type HandApplied } from './row.ts';

/** The loop that is meant: the next one, the second past the first, or the one at the wrong end of a holder. */
function meant(state: HandState, { from, past, end }: MoveOf<'work'>): Loop | undefined {
	const there = loopsOn(state, from);
	if (past) return there[1];
	return end === 'far' ? there.at(-1) : there[0];
}

export function work(state: HandState, move: MoveOf<'work'>): Result<HandApplied> {
	const { from, past } = move;
	if (move.again) return workAgain(state, move);
	if (past && (from !== 'left' || !move.keep)) {
		return refuse(
			'You can reach past loops on the left needle only, and the old loop must stay on.',
			'Keep it on, let it off after.',
		);
	}
	if (move.keep && from !== 'left') {
		return refuse('An old loop stays on the left needle only.', 'Let it come off the cable needle.');
	}
	if (past && state.kept.length > 0) {
		return refuse('The old loop of one stitch is on the left needle already.', 'Let it off first.');
	}
	const loop = meant(state, move);
	if (!loop) {
		const where = from === 'left' ? 'left needle' : 'holder';
		return refuse(
			past ? `There is no second stitch on the ${where}.` : `There is no stitch left on the ${where}.`,
			'Look where the next stitch hangs.',
		);
	}
	if (loop.entered || (past && loopsOn(state, 'left')[0]!.entered)) {
		return refuse('The other needle is still in that loop.', 'Withdraw one of the needles first.');
	}
	const entered = enteredInTheWay(state);
	if (entered) return entered;
	if (loopsOn(state, 'right').some((l) => !l.done)) {
		return refuse('The right needle still has unworked loops.', 'Put them back on the left needle first.');
	}
	const leading = loop.mount === 'front' ? 'front' : 'back';
	const done: DoneStitch = {
		stitch: move.stitch,
		twisted: move.leg !== leading,
		...(move.split ? { split: true } : {}),
	};
	// Reached past, it goes to the right needle before or behind the stitch that it leaves standing.
	const planeOf = (l: Loop): number => (past ? pastPlane(past, loopsOn(state, 'left')[0]!.plane) : l.plane);
	const moved = moveTo(state.loops, [loop.stitch], 'right-tip', planeOf);
	const made: Loop = {
		stitch: loop.stitch,
		on: 'right',
		plane: NEEDLES_PLANE,
		mount: move.wrap === 'short' ? 'behind' : 'front',
		done,
	};
	const wanted = move.stitch === 'k' ? 'behind' : 'front';
	const across = state.outside ? hangingOn(state, state.yarn).filter((s) => s !== loop.stitch) : [];
	const bar: Bar = { side: state.yarn === 'front' ? 'front' : 'back', across };
	return ok({
		state: tidy({
			...state,
			loops: replace(moved.loops, [made]),
			// From the wrong side the yarn comes over the needle as well as through the stitch; then it is where it should be.
			extraLoops: state.extraLoops + (state.yarn === wanted ? 0 : 1),
			yarn: wanted,
			outside: state.outside && state.yarn === wanted,
			// The first stitch of a pair stands before the second, so its old loop comes off first.
			kept: !move.keep
				? state.kept
				: past
					? [...state.kept, { stitch: loop.stitch, after: loopsOn(state, 'left')[0]!.stitch }]
					: [{ stitch: loop.stitch }, ...state.kept],
			bars: across.length > 0 ? withBar(state.bars, bar) : state.bars,
		}),
		stitches: [loop.stitch],
		passings: moved.passings,
	});
}

/** A stitch worked twice: its new loop stands, and there is one more beside it. */
function workAgain(state: HandState, { from, stitch }: MoveOf<'work'>): Result<HandApplied> {
	const [kept] = state.kept;
	if (from !== 'left' || !kept || kept.after !== undefined) {
		return refuse(
			'No old loop is first on the left needle.',
			'Work a stitch and keep its old loop on; then that can be worked once more.',
		);
	}
	const entered = enteredInTheWay(state);
	if (entered) return entered;
	const wanted = stitch === 'k' ? 'behind' : 'front';
	return ok({
		state: { ...state, yarn: wanted, extraLoops: state.extraLoops + (state.yarn === wanted ? 1 : 2) },
		stitches: [kept.stitch],
		passings: [],
	});
}

/** One strand that runs on across the same stitches, or the last of them, is one bar. */
const withBar = (bars: readonly Bar[], bar: Bar): readonly Bar[] =>
	bars.some((b) => b.side === bar.side && bar.across.every((s) => b.across.includes(s))) ? bars : [...bars, bar];

export function shiftYarn(state: HandState, move: MoveOf<'yarn'>): Result<HandApplied> {
	const outside = move.outside ?? false;
	const moved = { ...state, yarn: move.to, outside };
	if (move.round) {
		if (!state.holders[move.round]) {
			return refuse('There is no cable needle to go round.', 'Take the yarn straight between the needles.');
		}
		return ok({ state: { ...moved, extraLoops: state.extraLoops + 1 }, stitches: [], passings: [] });
	}
	if (state.yarn === move.to && state.outside === outside) {
		return refuse('The yarn is there already.', 'Leave the yarn where it is.');
	}
	if (outside && hangingOn(state, move.to).length === 0) {
		return refuse('There is no cable needle on that side.', 'Take the yarn straight between the needles.');
	}
	return ok({ state: moved, stitches: [], passings: [] });
}
