/** What all crafts on two needles share: the same hands, other loops and other words. */

import { MISTAKE_IDS, MISTAKES, simulate, startState, type Mistake, type Move, type Trace } from '../handling/index.ts';
import type { Crossing } from '../crossing/index.ts';
import type { Result } from '../result.ts';
import type { Craft, Taken, Way } from './craft.ts';
import { wordsAt } from './hand/words.ts';
import { planByHand, WAYS } from './hand/ways/index.ts';
import type { Vocabulary } from './vocabulary.ts';

/** Ways by hand without what only they need to know. */
export const plainWays = (keep: (way: Way) => boolean): readonly Way[] =>
	WAYS.filter(keep).map(({ two: _two, three: _three, deviates: _deviates, ...way }) => way);

export interface OnNeedles extends Pick<Craft, 'id' | 'title' | 'says' | 'takes' | 'ways' | 'fault'> {
	readonly vocabulary: (trace: Trace) => Vocabulary;
	/** The moves for what was taken; those by hand when left out. */
	readonly moves?: (taken: Taken, crossing: Crossing, way: string) => Result<readonly Move[]>;
	readonly mistakes?: readonly Mistake[];
}

export function onNeedles(own: OnNeedles): Craft {
	const { id, title, says, takes, ways, fault, vocabulary } = own;
	const { moves = (taken: Taken, _: Crossing, way: string) => planByHand(taken.loops, way) } = own;
	return {
		id,
		title,
		says,
		takes,
		ways,
		...(fault ? { fault } : {}),
		start: (c, way) => {
			const taken = takes(c, way);
			return startState(taken.ok ? taken.value.loops.n : c.n);
		},
		plan: (c, way) => {
			const taken = takes(c, way);
			return taken.ok ? moves(taken.value, c, way) : taken;
		},
		// A way that turns stitches makes something else; here it is not offered.
		deviation: () => undefined,
		simulate,
		words: (trace, step, hands) => wordsAt(trace, step, hands, vocabulary(trace)),
		mistakes: own.mistakes ?? MISTAKE_IDS.map((m) => MISTAKES[m]),
	};
}
