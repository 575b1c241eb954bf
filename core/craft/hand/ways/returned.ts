import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';
import { holdTip } from './hold-tip.ts';

export const returned: HandWay = {
	id: 'returned',
	title: 'Slip back first',
	when: 'One move more. You can count the stitches, and see how they sit, before you work them.',
	applies: 'Two groups of any size.',
	needs: 'One cable needle. A hook-shaped one gives the stitches back from the same end.',
	holders: 1,
	two: (c, g) => {
		const yarn = yarnFirst(c);
		const far = workInTurn(c, takenFrom(g.far, 'left'), yarnAfter(yarn));
		const tip = workInTurn(c, takenFrom(g.tip, 'left'), far.yarn);
		return [...yarn, holdTip(g), ...far.moves, { kind: 'return', from: HOLDER, count: g.tip.length }, ...tip.moves];
	},
};
