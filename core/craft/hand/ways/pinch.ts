import { workInTurn, yarnFirst } from '../yarn.ts';
import { takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

export const pinch: HandWay = {
	id: 'pinch',
	title: 'Pinch and recapture',
	when: 'No holder at all: comfortable up to 4 stitches, with care for 6.',
	applies: 'Two groups; more than 6 stitches are for the bold.',
	needs: 'Both needles, a thumb to pinch with, and yarn that grips.',
	holders: 0,
	caution:
		'Loops hang loose for a moment: try it on a scrap first, and beginners take a holder. From behind, the needle goes through the back legs or up between the groups; either keeps the mount.',
	two: (c, g) => {
		const yarn = yarnFirst(c);
		// Right: the far group is carried in front and the tip group caught from behind; left: the other way.
		const right = g.lean === 'right';
		return [
			...yarn,
			{
				kind: 'enter',
				needle: 'right',
				skip: g.tip.length,
				count: g.far.length,
				from: right ? 'front' : 'behind',
			},
			{ kind: 'withdraw', needle: 'left', count: c.n },
			{ kind: 'recapture', needle: 'left', count: g.tip.length, from: right ? 'behind' : 'front' },
			{ kind: 'return', from: 'right', count: g.far.length },
			...workInTurn(c, takenFrom([...g.far, ...g.tip], 'left'), yarnAfter(yarn)).moves,
		];
	},
};
