/** What two hands can do now: with the loops that are chosen, and besides. Every offer was tried on the simulator. */

import type { StitchNumber } from '../crossing/index.ts';
import { fromTip } from './apply/needles.ts';
import type { Move } from './moves.ts';
import { offersOf, type Offer, type Tried } from './offer.ts';
import { loopsOn, type Carrier, type HandState, type HolderId } from './state.ts';

/** Where in the picture the loops go; none for what does not take them anywhere. */
export type Target = 'front' | 'back' | 'left' | 'right';

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

/** What the next stitch comes off: the needle, or a holder where that carries nothing any more. */
function waitingOn(state: HandState): 'left' | HolderId {
	if (loopsOn(state, 'left').length > 0) return 'left';
	const next = state.loops.find((l) => l.on === 'holder-1' || l.on === 'holder-2')?.on;
	return next === 'holder-2' ? next : 'holder-1';
}

/** What is done whatever is chosen: the next stitches, the yarn, a needle drawn out, an old loop let off. */
function besides(state: HandState): Tried<Move>[] {
	const waiting = waitingOn(state);
	const worked = (from: 'left' | HolderId): Tried<Move>[] =>
		(['k', 'p'] as const).flatMap((stitch) =>
			(['front', 'back'] as const).map((leg): Tried<Move> => ({
				moves: [{ kind: 'work', from, stitch, leg }],
				...(leg === 'back' ? { isRare: true } : from === waiting ? { key: stitch } : {}),
			})),
		);
	const rare = (move: Move): Tried<Move> => ({ moves: [move], isRare: true });
	const hanging = HOLDERS.filter((id) => state.holders[id]);
	const hasLeft = loopsOn(state, 'left').length > 0;
	return [
		...(hasLeft ? worked('left') : []),
		...hanging.flatMap(worked),
		...hanging.map((from) => rare({ kind: 'work', from, stitch: 'k', leg: 'front', end: 'far' })),
		...(hasLeft ? [rare({ kind: 'work', from: 'left', stitch: 'k', leg: 'front', split: true })] : []),
		...(hasLeft && state.kept.length === 0
			? [rare({ kind: 'work', from: 'left', stitch: 'k', leg: 'front', keep: true })]
			: []),
		...(state.kept.length > 0 ? [rare({ kind: 'work', from: 'left', stitch: 'k', leg: 'front', again: true })] : []),
		...(loopsOn(state, 'left').length > 1
			? (['front', 'behind'] as const).map((past) =>
					rare({
						kind: 'work',
						from: 'left',
						stitch: 'k',
						leg: past === 'front' ? 'front' : 'back',
						past,
						keep: true,
					}),
				)
			: []),
		...(state.kept.length > 0 ? [{ moves: [{ kind: 'release', count: state.kept.length } as const] }] : []),
		{ moves: [{ kind: 'yarn', to: state.yarn === 'front' ? 'behind' : 'front' }], key: 'y' },
		...hanging.map((round) => rare({ kind: 'yarn', to: state.yarn, round })),
		...(['left', 'right'] as const).flatMap((needle): Tried<Move>[] => {
			const count = fromTip(state, needle).findLastIndex((l) => l.entered) + 1;
			return count > 0 ? [{ moves: [{ kind: 'withdraw', needle, count }] }] : [];
		}),
	];
}

/**
 * Everything that hands may try: with the chosen loops first, then besides. What cannot be done is there too,
 * with its reason. Linear in loops times offers.
 */
export function offersFor(state: HandState, chosen: readonly StitchNumber[]): readonly Offer<Move>[] {
	const run = runOf(state, chosen);
	const taken = (run ? withRun(state, run) : []).map(([move, target]): Tried<Move> => ({
		moves: [move],
		target: target ?? 'needle',
	}));
	const lost = chosen.length === 1 ? [{ moves: [{ kind: 'lose', stitch: chosen[0]! } as const], isRare: true }] : [];
	return offersOf(state, [...taken, ...besides(state), ...lost]);
}

/** The loops that go along when one is pressed: from the tip to it, or from it to the end that gives back. */
export function runWith(state: HandState, stitch: StitchNumber): readonly StitchNumber[] {
	const loop = state.loops.find((l) => l.stitch === stitch);
	if (!loop || loop.done) return [];
	const there = state.loops.filter((l) => l.on === loop.on && !l.done).map((l) => l.stitch);
	const i = there.indexOf(stitch);
	return loop.on === 'left' ? there.slice(0, i + 1) : loop.on === 'loose' ? there : there.slice(i);
}
