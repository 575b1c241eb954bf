import { workInTurn, yarnFirst } from '../yarn.ts';
import { takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

export const pinch: HandWay = {
	id: 'pinch',
	title: 'Pinch',
	when: 'Quick without a cable needle: easy up to 4 stitches, with care for 6.',
	applies: 'Two groups. More than 6 stitches take practice.',
	needs: 'Both needles, a thumb to pinch with, and yarn that grips.',
	holders: 0,
	caution:
		'Loops hang loose for a moment. Try it on a scrap first. Beginners should use a cable needle. From behind, go through the back legs or up between the groups: both keep the mount.',
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
