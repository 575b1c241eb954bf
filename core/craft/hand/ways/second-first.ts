/** One over one, worked on the needle: the second stitch past the first, and both old loops off together. */

import type { Crossing, TwoGroups } from '../../../crossing/index.ts';
import type { Move } from '../../../handling/index.ts';
import { workInTurn, yarnFirst } from '../yarn.ts';
import { takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

const isOneOverOne = (g: TwoGroups): boolean => g.tip.length === 1 && g.far.length === 1;

/** The second is reached in front of the first to lean right, behind it through its back loop to lean left. */
function onTheNeedle(c: Crossing, g: TwoGroups): readonly Move[] {
	const yarn = yarnFirst(c);
	let second = true;
	const worked = workInTurn(c, takenFrom([2, 1], 'left'), yarnAfter(yarn)).moves.map((move): Move => {
		if (move.kind !== 'work') return move;
		if (!second) return { ...move, keep: true };
		second = false;
		return g.lean === 'right'
			? { ...move, past: 'front', keep: true }
			: { ...move, leg: 'back', past: 'behind', keep: true };
	});
	return [...yarn, ...worked, { kind: 'release', count: 2 }];
}

const isKnit = (c: Crossing): boolean => c.work[1]!.startsWith('k');

export const secondFirst: HandWay = {
	id: 'second-first',
	title: 'Second stitch first',
	when: 'The fewest moves for one over one. No stitch leaves the needles.',
	applies: 'One over one, the second stitch knit.',
	needs: 'Nothing but the two needles.',
	holders: 0,
	caution: 'Leaning left, it twists the second stitch for good unless you turn its mount first.',
	two: (c, g) => (isOneOverOne(g) && isKnit(c) ? onTheNeedle(c, g) : undefined),
	deviates: (c) =>
		c.work[1] === 'k' && c.over[0]?.[0] === 1
			? {
					makes: { ...c, work: [c.work[0]!, 'ktbl'] },
					says: 'Stitch 2 comes out twisted, for good: it is worked through its back loop.',
				}
			: undefined,
};

export const secondFirstTurned: HandWay = {
	id: 'second-first-turned',
	title: 'Second stitch first, mount turned',
	when: 'Leans left and twists nothing: turn the second stitch round, then knit it through its back loop.',
	applies: 'One over one leaning left, the second stitch knit.',
	needs: 'Nothing but the two needles.',
	holders: 0,
	two: (c, g) => {
		if (!isOneOverOne(g) || g.lean !== 'left' || c.work[1] !== 'k') return undefined;
		return [
			{ kind: 'slip', count: 1 },
			{ kind: 'slip', count: 1, turned: true },
			{ kind: 'return', from: 'right', count: 2 },
			...onTheNeedle(c, g),
		];
	},
};
