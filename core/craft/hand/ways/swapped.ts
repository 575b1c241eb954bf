import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';
import { holdTip } from './hold-tip.ts';

export const swapped: HandWay = {
	id: 'swapped',
	title: 'Swap first, then work',
	when: 'All is put in its new order before anything is worked: it can be looked at first, and nothing is worked off the holder.',
	applies: 'Two groups of any size.',
	needs: 'One holder.',
	holders: 1,
	two: (c, g) => {
		const yarn = yarnFirst(c);
		return [
			...yarn,
			holdTip(g),
			{ kind: 'slip', count: g.far.length },
			{ kind: 'return', from: HOLDER, count: g.tip.length },
			{ kind: 'return', from: 'right', count: g.far.length },
			...workInTurn(c, takenFrom([...g.far, ...g.tip], 'left'), yarnAfter(yarn)).moves,
		];
	},
};
