import { holdSide } from '../../../crossing/index.ts';
import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

export const centreReturned: HandWay = {
	id: 'centre-returned',
	title: 'Centre put back',
	when: 'Three groups with one holder: the centre waits on it too, and goes back to the needle to be worked.',
	applies: 'Three groups whose outer ones swap; with the centre behind both, only leaning right.',
	needs: 'One holder.',
	holders: 1,
	caution: 'Only the centre goes back: count it, the outer group stays on the holder.',
	three: (c, g) => {
		const aside = holdSide(g.lean);
		// Behind both the tip group has to come over the centre: from the back it is brought to the front.
		if (g.lies === 'behind' && aside === 'front') return undefined;
		const yarn = yarnFirst(c);
		const far = workInTurn(c, takenFrom(g.far, 'left'), yarnAfter(yarn));
		const centre = workInTurn(c, takenFrom(g.centre, 'left'), far.yarn);
		const tip = workInTurn(c, takenFrom(g.tip, HOLDER), centre.yarn);
		return [
			...yarn,
			{ kind: 'hold', count: g.tip.length + g.centre.length, holder: HOLDER, side: aside, depth: 'inner' },
			...far.moves,
			{ kind: 'return', from: HOLDER, count: g.centre.length },
			...(g.lies === 'behind' ? [{ kind: 'swing', holder: HOLDER, side: 'front', depth: 'inner' } as const] : []),
			...centre.moves,
			...tip.moves,
		];
	},
};
