/** A swatch at the loom, peg by peg. */

import { sentence } from '../on-tool.ts';
import { PARKED, type InSwatch } from '../in-swatch.ts';
import { crossedOnPegs } from './peg-plan.ts';
import { atCrossing, type SwatchProblem, type Worked } from '../../worked/index.ts';

export const loomRows: InSwatch = {
	settings: [],
	checks: edges,
	crossed: (c, before, { order }) => crossedOnPegs(c, before, order),
	onTool: {
		title: 'At the loom',
		orders: PARKED,
		setup: ({ castOn, shape }) => [
			`Use ${castOn} pegs${shape === 'round' ? ', closed to a round' : ' of a straight rake'}, counted from the right; the knit side is towards you.`,
			'Have ready: a pick, a pin or a stitch holder, and one spare peg marked at each crossing.',
			'Cast on, and knit one row before the first crossing.',
		],
		says: ({ does, crosses }, like) => (like ? `As row ${like.first}.` : sentence(does, crosses ? '. ' : ', ')),
		cautions: ['A pick is pointed: work it away from the fingers, and rest the hands between rows.'],
	},
};

/** Crossings with no stitch beyond them to be knitted off first. */
function edges(worked: Worked): SwatchProblem[] {
	if (worked.shape === 'round') return [];
	return worked.rows.flatMap((row) =>
		row.crossings.flatMap((c): SwatchProblem[] =>
			c.at > 0 && c.at + c.crossing.n < row.stitches.length
				? []
				: [
						{
							...atCrossing(row, c),
							weight: 'note',
							reason: 'no-stitch-beyond',
							what: `${c.name} stands at the edge: there is no stitch beyond it to hold the yarn.`,
							todo: 'Leave at least one peg beside it.',
						},
					],
		),
	);
}
