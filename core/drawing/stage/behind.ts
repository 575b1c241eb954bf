/** The hands and the fabric seen from the other side: near is far, knit is purl, and the row runs the other way. */

import type { PassingEvent, Side } from '../../crossing/index.ts';
import type { HandState, Holder, HolderId, Loop, Trace } from '../../handling/index.ts';

const otherSide = (side: Side): Side => (side === 'front' ? 'back' : 'front');

const turnedLoop = (loop: Loop): Loop => ({
	...loop,
	plane: -loop.plane,
	mount: loop.mount === 'front' ? 'behind' : 'front',
	...(loop.entered
		? { entered: { ...loop.entered, from: loop.entered.from === 'front' ? 'behind' : 'front' } as const }
		: {}),
	...(loop.done ? { done: { ...loop.done, stitch: loop.done.stitch === 'k' ? 'p' : 'k' } as const } : {}),
});

const turnedState = (state: HandState): HandState => ({
	...state,
	loops: state.loops.map(turnedLoop),
	holders: Object.fromEntries(
		Object.entries(state.holders).map(([id, h]): [HolderId, Holder] => [
			id as HolderId,
			{ ...h, side: otherSide(h.side) },
		]),
	),
	yarn: state.yarn === 'front' ? 'behind' : 'front',
	bars: state.bars.map((bar) => ({ ...bar, side: otherSide(bar.side) })),
});

const turnedPassing = ({ pair, upper }: PassingEvent): PassingEvent => ({
	pair,
	upper: upper === undefined ? undefined : upper === pair[0] ? pair[1] : pair[0],
});

/** A trace as it looks from behind. The row still runs from right to left; the picture of it has to be mirrored. */
export const seenFromBehind = (trace: Trace): Trace => ({
	...trace,
	start: turnedState(trace.start),
	steps: trace.steps.map((s) => ({ ...s, state: turnedState(s.state), passings: s.passings.map(turnedPassing) })),
});
