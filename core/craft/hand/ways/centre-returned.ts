import { holdSide } from '../../../crossing/index.ts';
import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

export const centreReturned: HandWay = {
	id: 'centre-returned',
	title: 'Slip the centre back',
	when: 'For three groups with only one cable needle. The centre goes onto it too, and back to the left needle before you work it.',
	applies: 'Three groups whose outer ones swap. With the centre behind both, only leaning right.',
	needs: 'One cable needle.',
	holders: 1,
	caution: 'Slip back the centre only. The outer group stays on the cable needle.',
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
