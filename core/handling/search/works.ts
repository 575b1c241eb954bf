/** Working stitch after stitch, with the yarn brought where each needs it. */

import type { Crossing, StitchNumber } from '../../crossing/index.ts';
import type { Move } from '../moves.ts';
import { startState, type HandState, type HolderId } from '../state.ts';

export interface Works {
	/** The shift that is made before anything is slipped: there it saves one in the middle. */
	readonly first: readonly Move[];
	readonly of: (
		stitch: StitchNumber,
		from?: 'left' | HolderId,
		more?: Partial<Extract<Move, { kind: 'work' }>>,
	) => readonly Move[];
}

/** The works of a crossing from a state on; each leg is the one that leaves the stitch as asked, however it sits. */
export function worksOf(c: Crossing, from: HandState = startState(c.n)): Works {
	const isPurl = (stitch: StitchNumber): boolean => c.work[stitch - 1]!.startsWith('p');
	const side = (stitch: StitchNumber): 'front' | 'behind' => (isPurl(stitch) ? 'front' : 'behind');
	let { yarn, outside } = from;
	const shift = (to: 'front' | 'behind'): readonly Move[] => {
		if (to === yarn && !outside) return [];
		yarn = to;
		outside = false;
		return [{ kind: 'yarn', to }];
	};
	const next = c.order.find((s) => !from.loops.some((l) => l.stitch === s && l.done));
	return {
		first: next === undefined ? [] : shift(side(next)),
		of: (stitch, on = 'left', more = {}) => {
			const trailing = c.work[stitch - 1]!.endsWith('tbl');
			const sits = from.loops.find((l) => l.stitch === stitch)?.mount === 'behind';
			return [
				...shift(side(stitch)),
				{
					kind: 'work',
					from: on,
					stitch: isPurl(stitch) ? 'p' : 'k',
					leg: trailing !== sits ? 'back' : 'front',
					...more,
				},
			];
		},
	};
}
