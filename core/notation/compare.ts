/** Whether two accounts of a crossing, such as a name and its glossary sentence, agree. */

import { asThreeGroups, asTwoGroups, equal, shortNumbers, type Crossing } from '../crossing/index.ts';

/** What sets the second crossing apart from the first, in words; empty when they are equal. */
export function differencesOf(first: Crossing, second: Crossing): readonly string[] {
	if (equal(first, second)) return [];
	if (first.n !== second.n) return [`${first.n} stitches, not ${second.n}`];
	const said: string[] = [];
	const lean = (c: Crossing): string | undefined => (asTwoGroups(c) ?? asThreeGroups(c))?.lean;
	const [a, b] = [lean(first), lean(second)];
	const sameOrder = first.order.every((s, i) => s === second.order[i]);
	if (!sameOrder) said.push(`the order ${shortNumbers(first.order)}, not ${shortNumbers(second.order)}`);
	if (a && b && a !== b) said.push(`leans ${a}, not ${b}`);
	else if (sameOrder && first.over.some(([u, l], i) => second.over[i]?.[0] !== u || second.over[i]?.[1] !== l)) {
		said.push('other stitches lie on top');
	}
	const worked = first.work.flatMap((w, i) => (w === second.work[i] ? [] : [i + 1]));
	if (worked.length > 0) said.push(`${shortNumbers(worked, ', ')} worked another way`);
	return said;
}
