import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';
import { holdTip } from './hold-tip.ts';

export const returned: HandWay = {
	id: 'returned',
	title: 'Back to the needle',
	when: 'One move more: the stitches can be counted and their mounts checked before they are worked.',
	applies: 'Two groups of any size.',
	needs: 'One holder; a hook gives the stitches back from the end that took them.',
	holders: 1,
	two: (c, g) => {
		const yarn = yarnFirst(c);
		const far = workInTurn(c, takenFrom(g.far, 'left'), yarnAfter(yarn));
		const tip = workInTurn(c, takenFrom(g.tip, 'left'), far.yarn);
		return [...yarn, holdTip(g), ...far.moves, { kind: 'return', from: HOLDER, count: g.tip.length }, ...tip.moves];
	},
};
