/** A loom worked by hand: what can be done with the chosen loops and besides, and the rest as it stands. */

import type { StitchNumber, Work } from '../../crossing/index.ts';
import { castingOn, offersOf, type Offer, type Tried } from '../offer.ts';
import { simulate } from '../simulate.ts';
import type { LoomMove } from './moves.ts';
import { barePegs, onPeg, type LoomState, type Parked, type PegLoop } from './state.ts';

const PLACES: readonly Parked[] = [
	{ side: 'inside', by: 'pin' },
	{ side: 'inside', by: 'holder' },
	{ side: 'outside', by: 'fingers' },
	{ side: 'outside', by: 'holder' },
	{ side: 'across', by: 'peg' },
];

/** A peg in the picture: the first of the chosen loops goes there. */
export const pegTarget = (peg: number): string => `peg:${peg}`;

/** The pegs of the loops that wait for the yarn, in the order in which the row is wrapped. */
function waiting(state: LoomState): readonly PegLoop[] {
	const on = state.loops.filter((l) => l.peg !== undefined && !l.done && !l.wrapped).sort((a, b) => a.peg! - b.peg!);
	return state.direction === 'leftwards' ? on : on.reverse();
}

/** Chosen loops taken on by so many pegs, each when its peg is free. */
function shifted(loops: readonly PegLoop[], by: number, hooked: boolean): LoomMove[] {
	const inOrder = by > 0 ? [...loops].reverse() : loops;
	return inOrder.map((l) => ({ kind: 'shift', from: l.peg!, to: l.peg! + by, ...(hooked ? { hooked } : {}) }));
}

function withLoops(state: LoomState, chosen: readonly PegLoop[]): Tried<LoomMove>[] {
	const pegs = Array.from({ length: state.pegs }, (_, i) => i + 1);
	const isFree = (peg: number): boolean => {
		const there = onPeg(state, peg);
		return pegs.includes(peg) && (!there || chosen.includes(there));
	};
	if (chosen.every((l) => l.parked)) {
		return pegs
			.filter((peg) => chosen.every((_, i) => isFree(peg + i)))
			.flatMap((peg) =>
				[false, true].map((hooked): Tried<LoomMove> => ({
					moves: chosen.map((l, i) => ({
						kind: 'seat',
						stitch: l.stitch,
						to: peg + i,
						...(hooked ? { hooked } : {}),
					})),
					target: pegTarget(peg),
					...(hooked ? { isRare: true } : {}),
				})),
			);
	}
	if (chosen.some((l) => l.peg === undefined)) return [];
	const places = PLACES.filter((p) => p.side !== 'across' || state.shape === 'round');
	const ways = pegs
		.map((peg) => peg - chosen[0]!.peg!)
		.filter((by) => by !== 0 && chosen.every((l) => isFree(l.peg! + by)));
	return [
		...places.map(({ side, by }): Tried<LoomMove> => ({
			moves: chosen.map((l) => ({ kind: 'park', peg: l.peg!, side, by })),
			target: side,
		})),
		...ways.flatMap((by) =>
			[false, true].map((hooked): Tried<LoomMove> => ({
				moves: shifted(chosen, by, hooked),
				target: pegTarget(chosen[0]!.peg! + by),
				...(hooked ? { isRare: true } : {}),
			})),
		),
	];
}

/** What is still bare, cast on. */
export const castOnLoom = (state: LoomState): readonly LoomMove[] =>
	barePegs(state).map((peg) => ({ kind: 'cast-on', peg }));

function besides(state: LoomState): Tried<LoomMove>[] {
	const bare = castOnLoom(state);
	if (bare.length > 0) return castingOn(bare);
	const wrapped = state.loops.filter((l) => l.wrapped && l.peg !== undefined);
	const [next, after] = waiting(state);
	const peg = next?.peg;
	const isLarge = state.loops.some((l) => l.borrowed > 0);
	return [
		...(peg === undefined
			? []
			: ([
					{
						moves: [
							{ kind: 'wrap', peg, count: 1 },
							{ kind: 'lift-over', peg },
						],
						key: 'k',
					},
					{ moves: [{ kind: 'draw-up', peg }], key: 'p' },
					...(after ? [{ moves: [{ kind: 'wrap', peg, count: 2 } as const] }] : []),
				] satisfies Tried<LoomMove>[])),
		...wrapped.map((l): Tried<LoomMove> => ({ moves: [{ kind: 'lift-over', peg: l.peg! }], key: 'k' })),
		...(isLarge ? [{ moves: [{ kind: 'tug', peg: 1, count: state.pegs }], key: 't' } as const] : []),
		...(state.beyond ? [] : [{ moves: [{ kind: 'beyond' }], key: 'y' } as const]),
	];
}

/** Everything that hands at a loom may try. Linear in pegs times loops. */
export function loomOffers(state: LoomState, chosen: readonly StitchNumber[]): readonly Offer<LoomMove>[] {
	const loops = state.loops.filter((l) => chosen.includes(l.stitch)).sort((a, b) => (a.peg ?? 0) - (b.peg ?? 0));
	const lost =
		chosen.length === 1 ? [{ moves: [{ kind: 'slip-off', stitch: chosen[0]! } as const], isRare: true }] : [];
	return offersOf(state, [...(loops.length > 0 ? withLoops(state, loops) : []), ...besides(state), ...lost]);
}

/** Loops that can go together: neighbours on pegs, or all that is parked. */
export function loomRun(state: LoomState, chosen: readonly StitchNumber[]): boolean {
	const loops = state.loops.filter((l) => chosen.includes(l.stitch));
	if (loops.length === 0 || loops.length !== chosen.length) return false;
	if (loops.every((l) => l.parked)) return true;
	const pegs = loops.map((l) => l.peg ?? NaN).sort((a, b) => a - b);
	return pegs.every((p, i) => p === pegs[0]! + i);
}

/** Bare pegs are cast on, parked loops in the order in which they hang go to the free pegs; then the row is knitted off. Linear in loops squared. */
export function loomAsItStands(begun: LoomState, work: readonly Work[]): readonly LoomMove[] {
	const first = castOnLoom(begun);
	const from = simulate(first, begun).steps.at(-1)?.state ?? begun;
	const parked = from.loops.filter((l) => l.parked);
	const free = Array.from({ length: from.pegs }, (_, i) => i + 1).filter((peg) => !onPeg(from, peg));
	const moves = parked.flatMap((l, i): LoomMove[] =>
		free[i] === undefined ? [] : [{ kind: 'seat', stitch: l.stitch, to: free[i] }],
	);
	const seated = simulate(moves, from);
	const state = seated.steps.at(-1)?.state ?? from;
	if (state.loops.some((l) => l.borrowed > 0)) moves.push({ kind: 'tug', peg: 1, count: state.pegs });
	const lifts = state.loops.filter((l) => l.wrapped && l.peg !== undefined).map((l) => l.peg!);
	moves.push(...lifts.map((peg) => ({ kind: 'lift-over', peg }) as const));
	for (const { stitch, peg } of waiting(state)) {
		if (work[stitch - 1]?.startsWith('p')) moves.push({ kind: 'draw-up', peg: peg! });
		else moves.push({ kind: 'wrap', peg: peg!, count: 1 }, { kind: 'lift-over', peg: peg! });
	}
	return [...first, ...moves];
}
