/** What can go wrong where a class works. */

import { craftOf, PLACES, PLAIN_CRAFT } from '../craft/index.ts';
import type { MistakeId } from '../handling/index.ts';
import type { Person } from './person.ts';

/** What can go wrong at the places of a class, each once, by its id: called as at the needles, where it can happen there too. */
export function mistakesAt(people: readonly Pick<Person, 'at'>[]): ReadonlyMap<MistakeId, string> {
	const titles = new Map<MistakeId, string>();
	for (const place of PLACES.filter((p) => p === PLAIN_CRAFT || people.some(({ at }) => at === p)))
		for (const { id, title } of craftOf(place).mistakes) if (!titles.has(id)) titles.set(id, title);
	return titles;
}

/** What every mistake is called. */
export const MISTAKE_TITLES: ReadonlyMap<MistakeId, string> = mistakesAt(PLACES.map((at) => ({ at })));
