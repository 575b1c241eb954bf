/** Words for what a class is told in tables and lists. */

import type { Handed, Person } from '@pond-loop/core/class';
import { craftOf, PLACES, placeName, PLAIN_CRAFT } from '@pond-loop/core/craft';
import type { MistakeId } from '@pond-loop/core/handling';

export const HANDED_WORDS: Readonly<Record<Handed, string>> = {
	right: 'right-handed',
	left: 'left-handed',
	'left-as-right': 'left-handed, knits right-handed',
};

/** `left-handed, at the loom`: what sets somebody apart; empty for most. */
export const apart = ({ hands, at, yarnHand, large, avoids = [], left }: Person): string =>
	[
		...(left ? ['comes no more'] : []),
		...(hands === 'right' ? [] : [HANDED_WORDS[hands]]),
		...(at === PLAIN_CRAFT ? [] : [placeName(at)]),
		...(yarnHand ? [`yarn in the ${yarnHand} hand`] : []),
		...(large ? ['large print'] : []),
		...(avoids.length > 0 ? [`no ${avoids.join(', no ')}`] : []),
	].join(', ');

/** `Thu 5 Nov 2026`. */
export const dayOf = (day: string): string =>
	new Intl.DateTimeFormat('en-GB', {
		weekday: 'short',
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		timeZone: 'UTC',
	}).format(new Date(`${day}T00:00:00Z`));

/** Minutes and seconds: `1:07`. */
export const clock = (seconds: number): string =>
	`${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

export const today = (): string => {
	const now = new Date();
	const two = (n: number): string => String(n).padStart(2, '0');
	return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
};

/** What can go wrong at the places of a class, each once, by its id: called as at the needles, where it can happen there too. */
export const mistakesAt = (people: readonly Pick<Person, 'at'>[]): ReadonlyMap<MistakeId, string> =>
	new Map(
		PLACES.filter((place) => place === PLAIN_CRAFT || people.some((p) => p.at === place))
			.flatMap((place) => craftOf(place).mistakes.map(({ id, title }) => [id, title] as const))
			// The last of two is what counts.
			.reverse(),
	);

/** What every mistake is called. */
export const MISTAKE_TITLES: ReadonlyMap<MistakeId, string> = mistakesAt(PLACES.map((at) => ({ at })));
