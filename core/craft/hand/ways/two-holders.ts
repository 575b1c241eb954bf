import { holdSide } from '../../../crossing/index.ts';
import { workInTurn, yarnFirst } from '../yarn.ts';
import { HOLDER, SECOND, takenFrom, yarnAfter, type HandWay } from './hand-way.ts';

export const twoHolders: HandWay = {
	id: 'two-holders',
	title: 'Two cable needles',
	when: 'For three groups: the first group and the centre each go on their own cable needle.',
	applies: 'Three groups whose outer ones swap, the centre between them or behind both.',
	needs: 'Two cable needles of different colours or shapes.',
	holders: 2,
	caution: 'Keep them apart. The one nearer you decides what lies on top.',
	three: (c, g) => {
		const aside = holdSide(g.lean);
		const between = g.lies === 'between';
		// The centre hangs behind the tip group when it is to lie under it, before it when over it.
		const [tipHangs, centreHangs] =
			aside === 'front'
				? ([
						{ side: 'front', depth: between ? 'outer' : 'inner' },
						{ side: between ? 'front' : 'back', depth: 'inner' },
					] as const)
				: ([
						{ side: 'back', depth: between ? 'outer' : 'inner' },
						{ side: 'back', depth: between ? 'inner' : 'outer' },
					] as const);
		const yarn = yarnFirst(c);
		const worked = workInTurn(
			c,
			[...takenFrom(g.far, 'left'), ...takenFrom(g.centre, SECOND), ...takenFrom(g.tip, HOLDER)],
			yarnAfter(yarn),
		);
		return [
			...yarn,
			{ kind: 'hold', count: g.tip.length, holder: HOLDER, ...tipHangs },
			{ kind: 'hold', count: g.centre.length, holder: SECOND, ...centreHangs },
			...worked.moves,
		];
	},
};
