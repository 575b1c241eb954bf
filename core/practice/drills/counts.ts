/** Questions about numbers of stitches. */

import { groupsIn, someNamed, titleOf, type Named } from '../crossings.ts';
import { drill } from '../question.ts';
import { byName } from './names.ts';

/** How many stitches of the row a name takes: C6F has its total in it, 3/3 LC its groups. */
export const stitchesOfName = drill<Named>({
	id: 'stitches-of-name',
	title: 'How many stitches does it take?',
	skill: 'names',
	make: someNamed,
	question: ({ name, crossing }) => {
		const counts = new Set([crossing.n, groupsIn(crossing).tip.length, 2 * crossing.n, crossing.n + 1]);
		return {
			asks: `${name}: how many stitches of the row does it take?`,
			options: [...counts].sort((a, b) => a - b).map((n) => ({ id: String(n), label: String(n) })),
		};
	},
	judge: (about, [given = '']) =>
		byName(
			about,
			given,
			(c) => String(c.n),
			(c) => `It is ${titleOf(c)}: ${c.n} stitches in all.`,
		),
});
