/** What washing does to the squares of a class, from what was measured at its evenings. */

import { FABRIC_STATES, ratioOf, STATE_WORDS, type FabricState, type Ratio, type Square } from '../fabric/index.ts';
import type { Went } from './evening.ts';

export interface Washing {
	readonly to: Exclude<FabricState, 'off'>;
	/** From off the needles, across and along; of how many squares, and how far apart they are. */
	readonly ratio: Ratio;
}

const STATES = new Map(FABRIC_STATES.map((state) => [STATE_WORDS[state], state]));

/**
 * Squares that were measured again and again: those of one person follow each other, and one that is measured off the
 * needles, or in a state that it was in already, is another one. Nobody's are left out, as nothing tells them
 * apart.
 */
function squaresIn(went: readonly Pick<Went, 'measures'>[]): readonly Square[] {
	const done: Square[] = [];
	const open = new Map<string, { [S in FabricState]?: { widthCm: number; lengthCm: number } }>();
	for (const { person, what, widthCm, lengthCm } of went.flatMap((w) => w.measures)) {
		const state = STATES.get(what);
		if (person === undefined || state === undefined) continue;
		const square = open.get(person);
		if (square && state !== 'off' && square[state] === undefined) square[state] = { widthCm, lengthCm };
		else {
			const fresh = { [state]: { widthCm, lengthCm } };
			open.set(person, fresh);
			done.push(fresh);
		}
	}
	return done;
}

/** Only what was measured; assumed ratios are nothing that was learnt. */
export const washingIn = (went: readonly Pick<Went, 'measures'>[]): readonly Washing[] => {
	const squares = squaresIn(went);
	return (['pinned', 'dry'] as const).flatMap((to) => {
		const ratio = ratioOf('off', to, squares);
		return ratio.squares > 0 ? [{ to, ratio }] : [];
	});
};
