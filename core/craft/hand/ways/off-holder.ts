import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';
import { holdTip } from './hold-tip.ts';

export const offHolder: HandWay = {
	id: 'off-holder',
	title: 'Straight off the cable needle',
	when: 'The usual way. It takes the fewest moves of those with a cable needle.',
	applies: 'Two groups of any size.',
	needs: 'One cable needle, no thicker than the needles. A pencil or a toothpick will do.',
	holders: 1,
	caution: 'Knitting straight off the cable needle stretches the stitches. Keep it close.',
	two: (c, g) => {
		const yarn = yarnFirst(c);
		const inTurn = [...takenFrom(g.far, 'left'), ...takenFrom(g.tip, HOLDER)];
		return [...yarn, holdTip(g), ...workInTurn(c, inTurn, yarnAfter(yarn)).moves];
	},
};
