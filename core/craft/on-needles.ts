/** What all crafts on two needles share: the same hands, other loops and other words. */

import { HAND_MISTAKE_IDS, MISTAKES, startState, type Mistake, type Move, type Trace } from '../handling/index.ts';
import {
	asThreeGroups,
	asTwoGroups,
	frontAndBehind,
	threeGroups,
	twoGroups,
	type Crossing,
	type Work,
} from '../crossing/index.ts';
import type { Result } from '../result.ts';
import type { Craft, Taken, Way } from './craft.ts';
import { planFound } from './hand/found.ts';
import { FOUND_WAY, limitsIn, limitsOf } from './hand/found-limits.ts';
import { taughtByHand } from './hand/taught.ts';
import { wordsAt } from './hand/hand-words.ts';
import { planByHand, WAYS } from './hand/ways/index.ts';
import type { Vocabulary } from './vocabulary.ts';

/** Ways by hand without what only they need to know. */
export const plainWays = (keep: (way: Way) => boolean): readonly Way[] =>
	WAYS.filter(keep).map(({ two: _two, three: _three, deviates: _deviates, ...way }) => way);

export interface OnNeedles extends Pick<
	Craft,
	| 'id'
	| 'title'
	| 'says'
	| 'teaches'
	| 'inSwatch'
	| 'hasOwnColumns'
	| 'holdsAll'
	| 'hasSentence'
	| 'speaks'
	| 'takes'
	| 'nearest'
	| 'ways'
	| 'fault'
	| 'shows'
> {
	/** Whether a way is searched for, too. */
	readonly searches?: true;
	readonly vocabulary: (trace: Trace) => Vocabulary;
	/** The moves for what was taken; those by hand when left out. */
	readonly moves?: (taken: Taken, crossing: Crossing, way: string) => Result<readonly Move[]>;
	readonly mistakes?: readonly Mistake[];
}

export function onNeedles(own: OnNeedles): Craft {
	const { id, title, says, teaches, inSwatch, hasOwnColumns, holdsAll, hasSentence, speaks, takes, nearest, ways } =
		own;
	const { fault, shows, vocabulary, searches } = own;
	const { moves = (taken: Taken, _: Crossing, way: string) => planByHand(taken.loops, way) } = own;
	return {
		id,
		title,
		says,
		place: taughtByHand.place,
		tool: taughtByHand.tool,
		teaches,
		kit: taughtByHand.kit,
		inSwatch,
		...(hasOwnColumns ? { hasOwnColumns } : {}),
		...(holdsAll ? { holdsAll } : {}),
		...(speaks ? { speaks } : {}),
		hasSentence,
		isHanded: true,
		takes,
		nearest,
		ways: searches ? [...ways, FOUND_WAY] : ways,
		...(fault ? { fault } : {}),
		...(shows ? { shows } : {}),
		on: taughtByHand.on,
		start: ({ loops }) => startState(loops.n),
		plan: (taken, c, way) => {
			const limits = searches && limitsOf(way);
			if (!limits) return moves(taken, c, way);
			return planFound(taken.loops, limitsIn(own, limits));
		},
		// A way that turns stitches makes something else; here it is not offered.
		deviation: () => undefined,
		words: (trace: Trace, step, hands, since) => wordsAt(trace, step, hands, vocabulary(trace), since),
		mistakes: own.mistakes ?? HAND_MISTAKE_IDS.map((m) => MISTAKES[m]),
	};
}

/** The same crossing with no group wider than `most` stitches; `undefined` when it has neither two groups nor three. */
export function narrowed(c: Crossing, most: number): Crossing | undefined {
	const two = asTwoGroups(c);
	if (two) {
		const { front, behind } = frontAndBehind(two);
		const size = (group: readonly number[]): number => Math.min(most, group.length);
		const work = (group: readonly number[]): Work => c.work[group[0]! - 1]!;
		return twoGroups({
			front: size(front),
			behind: size(behind),
			lean: two.lean,
			frontWork: work(front),
			behindWork: work(behind),
		});
	}
	const three = asThreeGroups(c);
	if (!three) return undefined;
	const sizes = [three.tip, three.centre, three.far].map((g) => Math.min(most, g.length)) as [number, number, number];
	const made = threeGroups({ sizes, lean: three.lean, lies: three.lies });
	return made.ok ? made.value : undefined;
}
