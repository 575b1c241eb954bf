/** What two hands can do now: with the loops that are chosen, and besides. Every offer was tried on the simulator. */

import type { StitchNumber } from '../crossing/index.ts';
import type { Problem } from '../result.ts';
import { applyMove } from './apply/index.ts';
import { fromTip } from './apply/needles.ts';
import type { Move } from './moves.ts';
import { loopsOn, type Carrier, type HandState, type HolderId } from './state.ts';

/** Where in the picture the loops go; none for what does not take them anywhere. */
export type Target = 'front' | 'back' | 'left' | 'right';

export interface Offer {
	/** The same for the same move, so that a list of offers keeps its places. */
	readonly id: string;
	readonly move: Move;
	readonly target?: Target;
	/** Why it cannot be done, and what would help; none where it can. */
	readonly refused?: Problem;
}

const HOLDERS: readonly HolderId[] = ['holder-1', 'holder-2'];
const SIDES = ['front', 'back'] as const;

/** The chosen loops as a run on one carrier: where it begins, counted from the carrier's tip, and how long it is. */
function runOf(
	state: HandState,
	chosen: readonly StitchNumber[],
): { readonly on: Carrier; readonly skip: number; readonly count: number } | undefined {
	const on = state.loops.find((l) => chosen.includes(l.stitch))?.on;
	if (on === undefined) return undefined;
	const there = loopsOn(state, on).filter((l) => on !== 'right' || !l.done);
	const places = there.flatMap((l, i) => (chosen.includes(l.stitch) ? [i] : []));
	const [first] = places;
	if (first === undefined || places.length !== chosen.length || places.at(-1)! - first !== places.length - 1)
		return undefined;
	// The right needle's tip is at the left end of what it carries, as loops run from right to left.
	return { on, skip: on === 'right' ? there.length - 1 - places.at(-1)! : first, count: places.length };
}

/** Whether loops can be chosen together: neighbours on one thing, not worked yet. */
export const isRun = (state: HandState, chosen: readonly StitchNumber[]): boolean => runOf(state, chosen) !== undefined;

function holding(state: HandState, count: number): (readonly [Move, Target])[] {
	const free = HOLDERS.find((id) => !state.holders[id]);
	const hangs = HOLDERS.flatMap((id) => (state.holders[id] ? [{ id, ...state.holders[id] }] : []));
	return SIDES.flatMap((side): (readonly [Move, Target])[] => [
		...hangs
			.filter((h) => h.side === side)
			.map(({ id, depth }): [Move, Target] => [{ kind: 'hold', count, holder: id, side, depth, adds: true }, side]),
		...(free === undefined
			? []
			: [
					[
						{
							kind: 'hold',
							count,
							holder: free,
							side,
							depth: hangs.some((h) => h.side === side && h.depth === 'inner') ? 'outer' : 'inner',
						},
						side,
					] as const,
				]),
	]);
}

/** What is done with a run of chosen loops. */
function withRun(
	state: HandState,
	{ on, skip, count }: NonNullable<ReturnType<typeof runOf>>,
): (readonly [Move, Target?])[] {
	switch (on) {
		case 'left':
			return [
				...(skip === 0 ? holding(state, count) : []),
				...(skip === 0
					? ([
							[{ kind: 'slip', count }, 'right'],
							[{ kind: 'slip', count, turned: true }, 'right'],
						] as const)
					: []),
				...(skip === 0 && count === 1
					? ([
							[{ kind: 'drop', hang: 'front' }, 'front'],
							[{ kind: 'drop', hang: 'behind' }, 'back'],
						] as const)
					: []),
				...(['front', 'behind'] as const).map((from): [Move] => [
					{ kind: 'enter', needle: 'right', skip, count, from },
				]),
			];
		case 'right':
			return [
				...(skip === 0 ? ([[{ kind: 'return', from: 'right', count }, 'left']] as const) : []),
				...(skip === 0 ? ([[{ kind: 'return', from: 'right', count, turned: true }, 'left']] as const) : []),
				...(['front', 'behind'] as const).map((from): [Move] => [{ kind: 'enter', needle: 'left', skip, count, from }]),
			];
		case 'loose':
			return (['left', 'right'] as const).flatMap((needle) =>
				(['front', 'behind'] as const).map((from): [Move, Target] => [
					{ kind: 'recapture', needle, count, from },
					needle,
				]),
			);
		default: {
			// A holder gives back from its left end.
			const isEnd = skip + count === loopsOn(state, on).length;
			const { side, depth } = state.holders[on]!;
			return [
				...(isEnd ? ([[{ kind: 'return', from: on, count }, 'left']] as const) : []),
				...SIDES.map((to): [Move, Target] => [
					{ kind: 'swing', holder: on, side: to, depth: to === side && depth === 'inner' ? 'outer' : 'inner' },
					to,
				]),
			];
		}
	}
}

/** What is done whatever is chosen: the next stitches, the yarn, a needle drawn out, an old loop let off. */
function besides(state: HandState): Move[] {
	const worked = (from: 'left' | HolderId): Move[] =>
		(['k', 'p'] as const).flatMap((stitch) =>
			(['front', 'back'] as const).map((leg): Move => ({ kind: 'work', from, stitch, leg })),
		);
	const hanging = HOLDERS.filter((id) => state.holders[id]);
	return [
		...(loopsOn(state, 'left').length > 0 ? worked('left') : []),
		...hanging.flatMap(worked),
		...hanging.map((from): Move => ({ kind: 'work', from, stitch: 'k', leg: 'front', end: 'far' })),
		...(loopsOn(state, 'left').length > 1
			? (['front', 'behind'] as const).map((past): Move => ({
					kind: 'work',
					from: 'left',
					stitch: 'k',
					leg: past === 'front' ? 'front' : 'back',
					past,
					keep: true,
				}))
			: []),
		...(state.kept.length > 0 ? [{ kind: 'release', count: state.kept.length } as const] : []),
		{ kind: 'yarn', to: state.yarn === 'front' ? 'behind' : 'front' },
		...hanging.map((round): Move => ({ kind: 'yarn', to: state.yarn, round })),
		...(['left', 'right'] as const).flatMap((needle): Move[] => {
			const count = fromTip(state, needle).findLastIndex((l) => l.entered) + 1;
			return count > 0 ? [{ kind: 'withdraw', needle, count }] : [];
		}),
	];
}

/**
 * Everything that hands may try: with the chosen loops first, then besides. What cannot be done is there too,
 * with its reason. Linear in loops times offers.
 */
export function offersFor(state: HandState, chosen: readonly StitchNumber[]): readonly Offer[] {
	const run = runOf(state, chosen);
	const tried: readonly (readonly [Move, Target?])[] = [
		...(run ? withRun(state, run) : []),
		...besides(state).map((move): [Move] => [move]),
	];
	return tried.map(([move, target]): Offer => {
		const done = applyMove(state, move);
		return {
			id: JSON.stringify(move),
			move,
			...(target ? { target } : {}),
			...(done.ok ? {} : { refused: done.problems[0]! }),
		};
	});
}
