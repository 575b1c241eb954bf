/** The row of loops while a move is made: who goes past whom, and in which plane. */

import type { PassingEvent, StitchNumber } from '../../crossing/index.ts';
import type { fail } from '../../result.ts';
import { passingsOf } from '../passings.ts';
import { refuse } from '../refuse.ts';
import type { Applied as AppliedTo } from '../run.ts';
import { loopsOn, type HandState, type Holder, type Loop } from '../state.ts';

export type HandApplied = AppliedTo<HandState>;

export { refuse };

export const times = (count: number): string => (count === 1 ? '1 loop' : `${count} loops`);

/** The first `count` loops of the left needle, when they are there and no other needle is in them. */
export function atLeftTip(state: HandState, count: number): readonly Loop[] | undefined {
	const taken = loopsOn(state, 'left').slice(0, count);
	return count >= 1 && taken.length === count && !taken.some((l) => l.entered) ? taken : undefined;
}

/** While a needle is in loops of the other one, only drawing one out or the yarn comes next. */
export const enteredInTheWay = ({ loops }: HandState): ReturnType<typeof fail> | undefined =>
	loops.some((l) => l.entered)
		? refuse('A needle is still in loops of the other one.', 'Withdraw one of the needles first.')
		: undefined;

/** Old loops on the left needle are in the way of everything but working and letting them off. */
export const keptInTheWay = ({ kept }: HandState): ReturnType<typeof fail> | undefined =>
	kept.length === 0
		? undefined
		: refuse('The left needle still has the old loop of a worked stitch.', 'Let it off first.');

/** Another holder in the place that is asked for. */
export const clashes = (others: HandState['holders'], place: Holder): boolean =>
	Object.values(others).some((h) => h.side === place.side && h.depth === place.depth);

/** The same row with some loops replaced by newer versions of themselves. */
export function replace(loops: readonly Loop[], newer: readonly Loop[]): readonly Loop[] {
	const byStitch = new Map(newer.map((l) => [l.stitch, l]));
	return loops.map((l) => byStitch.get(l.stitch) ?? l);
}

/**
 * Moves a run of loops along the row to a needle's tip, keeping its inner order.
 * Every loop that it goes past is a passing, decided by the planes of that moment.
 */
export function moveTo(
	loops: readonly Loop[],
	stitches: readonly StitchNumber[],
	to: 'right-tip' | 'left-tip',
	planeOf: (loop: Loop) => number,
): { readonly loops: readonly Loop[]; readonly passings: readonly PassingEvent[] } {
	const moving = loops.filter((l) => stitches.includes(l.stitch));
	const rest = loops.filter((l) => !stitches.includes(l.stitch));
	const lastRight = rest.findLastIndex((l) => l.on === 'right') + 1;
	const firstLeft = rest.findIndex((l) => l.on === 'left');
	const at = to === 'right-tip' ? lastRight : firstLeft === -1 ? rest.length : firstLeft;
	const after = [...rest.slice(0, at), ...moving, ...rest.slice(at)];
	return { loops: after, passings: passingsOf(loops, after, stitches, planeOf) };
}

/** Holders that carry nothing are put down; the yarn cannot be outside one that is gone. */
export function tidy(state: HandState): HandState {
	const used = new Set(state.loops.map((l) => l.on));
	const holders = Object.fromEntries(Object.entries(state.holders).filter(([id]) => used.has(id as Loop['on'])));
	const next = { ...state, holders };
	return state.outside && hangingOn(next, state.yarn).length === 0 ? { ...next, outside: false } : next;
}

/** Stitches on the holders that hang on one side of the needles. */
export const hangingOn = (state: HandState, side: 'front' | 'behind'): readonly StitchNumber[] =>
	state.loops
		.filter((l) => {
			const holder = l.on === 'holder-1' || l.on === 'holder-2' ? state.holders[l.on] : undefined;
			return holder?.side === (side === 'front' ? 'front' : 'back');
		})
		.map((l) => l.stitch);
