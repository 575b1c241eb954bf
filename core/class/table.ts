/** Who can what, as a table for a spreadsheet: a line for each person, a column for each goal. */

import type { Class } from './class.ts';
import { OUTCOME_WORDS } from './evening.ts';
import type { LearntShown } from './learnt.ts';

/** Cells of somebody who was not seen at a goal are empty. */
export function learntTable(
	{ people }: Pick<Class, 'people'>,
	{ goals, evenings }: Pick<LearntShown, 'goals' | 'evenings'>,
): readonly (readonly string[])[] {
	return [
		['name', 'hands', 'works', ...goals.map((g) => g.title), 'last seen'],
		...people.map((p) => {
			const seen = goals.map((g) => g.people.get(p.id));
			const last = Math.max(-1, ...seen.map((s) => s?.evening ?? -1));
			return [
				p.name,
				p.hands,
				p.at,
				...seen.map((s) => (s ? OUTCOME_WORDS[s.last] : '')),
				last < 0 ? '' : evenings[last]!.day,
			];
		}),
	];
}
