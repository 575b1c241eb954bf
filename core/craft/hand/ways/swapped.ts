import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';
import { holdTip } from './hold-tip.ts';

export const swapped: HandWay = {
	id: 'swapped',
	title: 'Swap, then knit',
	when: 'Put all stitches in their new order first, then knit. You can check the lean before you knit.',
	applies: 'Two groups of any size.',
	needs: 'One cable needle.',
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
