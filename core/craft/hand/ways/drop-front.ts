import { workInTurn, yarnFirst } from '../yarn.ts';
import { takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

export const dropFront: HandWay = {
	id: 'drop-front',
	title: 'Drop in front',
	when: 'A quick left cross of one over one, in yarn that grips.',
	applies: 'One over one leaning left.',
	needs: 'Yarn that grips, such as wool.',
	holders: 0,
	caution: 'The first stitch hangs free while you work the second. In smooth yarn it runs down.',
	two: (c, g) => {
		if (g.lean !== 'left' || c.n !== 2) return undefined;
		const yarn = yarnFirst(c);
		const second = workInTurn(c, takenFrom([2], 'left'), yarnAfter(yarn));
		const first = workInTurn(c, takenFrom([1], 'left'), second.yarn);
		return [
			...yarn,
			{ kind: 'drop', hang: 'front' },
			...second.moves,
			{ kind: 'recapture', needle: 'left', count: 1, from: 'front' },
			...first.moves,
		];
	},
};
