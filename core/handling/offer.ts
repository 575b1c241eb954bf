/** What hands may try on any tool: tried on the simulator before it is offered, and refused with its reason. */

import type { Problem } from '../result.ts';
import { simulate } from './simulate.ts';
import type { AnyMove, AnyState } from './trace.ts';

export interface Tried<M> {
	/** One after another; most often one. */
	readonly moves: readonly M[];
	/** Where in the picture the chosen loops go by that; none for what is done whatever is chosen. */
	readonly target?: string;
	/** The key that does it. */
	readonly key?: string;
	/** Done seldom, or by mistake: offered on asking. */
	readonly isRare?: boolean;
}

export interface Offer<M> extends Tried<M> {
	/** The same for the same moves, so that a list of offers keeps its places. */
	readonly id: string;
	/** Why it cannot be done, and what would help; none where it can. */
	readonly refused?: Problem;
}

/** Each tried on a state of its tool. Linear in offers times moves times loops. */
export const offersOf = <M extends AnyMove>(state: AnyState, tried: readonly Tried<M>[]): readonly Offer<M>[] =>
	tried.map((one): Offer<M> => {
		const refused = simulate(one.moves, state).stopped?.problem;
		return { ...one, id: JSON.stringify(one.moves), ...(refused ? { refused } : {}) };
	});

/** What hands may do before all is cast on: the next of these moves, or all of them. */
export const castingOn = <M>(moves: readonly M[]): Tried<M>[] => [
	{ moves: moves.slice(0, 1), key: 'c' },
	...(moves.length > 1 ? [{ moves }] : []),
];
