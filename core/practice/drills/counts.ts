/** Questions about numbers of stitches. */

import { groupsIn, readingsOf, someNamed, titleOf, type Named } from '../crossings.ts';
import { drill } from '../question.ts';

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
	judge: ({ name, school, crossing }, [given = '']) => {
		const says = `It is ${titleOf(crossing)}: ${crossing.n} stitches in all.`;
		const asked = { asked: crossing };
		if (given === String(crossing.n)) return { right: true, says, ...asked };
		// The same letters may be another crossing in another school: that is right as well, and told.
		const other = readingsOf(name).find((r) => r.school !== school && given === String(r.crossing.n));
		return other
			? { right: true, says, elsewhere: other.school, ...asked, given: other.crossing }
			: { right: false, says, ...asked };
	},
});
