/**
 * The ways to make a crossing of two groups by hand. The group at the tip is the
 * one that waits: in front it will lean left, at the back right.
 */

import { asTwoGroups, holdSide, type Crossing, type Side, type TwoGroups } from '../../crossing/index.ts';
import type { Move } from '../../handling/index.ts';
import { fail, ok, type Result } from '../../result.ts';
import type { Way } from '../craft.ts';
import { workInTurn, yarnFirst, type ToWork } from './yarn.ts';

interface HandWay extends Way {
	readonly moves: (c: Crossing, g: TwoGroups) => readonly Move[];
}

const HOLDER = 'holder-1';

const from = (stitches: readonly number[], place: ToWork['from']): readonly ToWork[] =>
	stitches.map((stitch) => ({ stitch, from: place }));

const holdTip = (g: TwoGroups): Move => ({
	kind: 'hold',
	count: g.tip.length,
	holder: HOLDER,
	side: holdSide(g.lean),
	depth: 'inner',
});

const yarnAfter = (moves: readonly Move[]): 'front' | 'behind' => (moves.length > 0 ? 'front' : 'behind');

const offHolder: HandWay = {
	id: 'off-holder',
	title: 'Off the holder',
	when: 'The usual way, and the fewest moves with a holder.',
	caution: 'Working straight off a holder stretches the stitches: keep it close.',
	moves: (c, g) => {
		const yarn = yarnFirst(c);
		return [
			...yarn,
			holdTip(g),
			...workInTurn(c, [...from(g.far, 'left'), ...from(g.tip, HOLDER)], yarnAfter(yarn)).moves,
		];
	},
};

const returned: HandWay = {
	id: 'returned',
	title: 'Back to the needle',
	when: 'One move more: the stitches can be counted and their mounts checked before they are worked.',
	moves: (c, g) => {
		const yarn = yarnFirst(c);
		const far = workInTurn(c, from(g.far, 'left'), yarnAfter(yarn));
		const tip = workInTurn(c, from(g.tip, 'left'), far.yarn);
		return [...yarn, holdTip(g), ...far.moves, { kind: 'return', from: HOLDER, count: g.tip.length }, ...tip.moves];
	},
};

const pinch: HandWay = {
	id: 'pinch',
	title: 'Pinch and recapture',
	when: 'No holder at all: comfortable up to 4 stitches, with care for 6, in yarn that grips.',
	caution: 'Loops hang loose for a moment. Try it on a scrap first; beginners take a holder.',
	moves: (c, g) => {
		const yarn = yarnFirst(c);
		const side = holdSide(g.lean);
		// Right: the far group is carried in front and the tip group caught from behind; left: the other way.
		const enterFrom = side === 'back' ? 'front' : 'behind';
		const catchFrom = side === 'back' ? 'behind' : 'front';
		return [
			...yarn,
			{ kind: 'enter', skip: g.tip.length, count: g.far.length, from: enterFrom },
			{ kind: 'withdraw', count: c.n },
			{ kind: 'recapture', count: g.tip.length, from: catchFrom },
			{ kind: 'return', from: 'right', count: g.far.length },
			...workInTurn(c, from([...g.far, ...g.tip], 'left'), yarnAfter(yarn)).moves,
		];
	},
};

export const WAYS: readonly HandWay[] = [offHolder, returned, pinch];

/** The moves of a way; refused when the way is unknown or the crossing is not of two whole groups. */
export function planByHand(c: Crossing, wayId: string): Result<readonly Move[]> {
	const way = WAYS.find((w) => w.id === wayId);
	if (!way) {
		return fail({
			code: 'unknown-way',
			what: `There is no way called “${wayId}”.`,
			todo: `Choose one of: ${WAYS.map((w) => w.title).join(', ')}.`,
		});
	}
	const groups = asTwoGroups(c);
	if (!groups) {
		return fail({
			code: 'way-does-not-apply',
			what: `“${way.title}” makes crossings of two groups, and this is not one.`,
			todo: 'Choose a crossing of two groups.',
		});
	}
	return ok(way.moves(c, groups));
}

export const otherSide = (side: Side): Side => (side === 'front' ? 'back' : 'front');
