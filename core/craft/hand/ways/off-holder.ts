import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';
import { holdTip } from './hold-tip.ts';

export const offHolder: HandWay = {
	id: 'off-holder',
	title: 'Off the holder',
	when: 'The usual way, and the fewest moves with a holder.',
	applies: 'Two groups of any size.',
	needs: 'One holder, no thicker than the needles. A pencil or a toothpick will do.',
	holders: 1,
	caution: 'Working straight off a holder stretches the stitches: keep it close.',
	two: (c, g) => {
		const yarn = yarnFirst(c);
		const inTurn = [...takenFrom(g.far, 'left'), ...takenFrom(g.tip, HOLDER)];
		return [...yarn, holdTip(g), ...workInTurn(c, inTurn, yarnAfter(yarn)).moves];
	},
};
