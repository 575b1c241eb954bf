/** When a kind of question comes again: by the spaced repetition of `ts-fsrs`. */

import { createEmptyCard, fsrs, Rating, type Card } from 'ts-fsrs';

export type Cards = Readonly<Record<string, Card>>;

const scheduler = fsrs({ enable_fuzz: false });

/** The cards after an answer. */
export function answered(cards: Cards, id: string, right: boolean, now: Date): Cards {
	const card: Card = cards[id] ?? createEmptyCard<Card>(now);
	const { card: next } = scheduler.next(card, now, right ? Rating.Good : Rating.Again);
	return { ...cards, [id]: next };
}

/** New kinds that one sitting may begin. */
export const NEW_A_DAY = 6;

/**
 * Which kind is asked next: what is due, the longest overdue first; then something new, in the order given; then what is
 * due soonest. `last` is not asked twice in a row where there is anything else.
 */
export function nextOf(
	ids: readonly string[],
	cards: Cards,
	now: Date,
	last: string | undefined,
	fresh: number,
): string {
	const others = ids.length > 1 ? ids.filter((id) => id !== last) : ids;
	const seen = others.flatMap((id) => (cards[id] ? [{ id, due: new Date(cards[id].due).getTime() }] : []));
	seen.sort((a, b) => a.due - b.due);
	const [first] = seen;
	if (first && first.due <= now.getTime()) return first.id;
	const unseen = others.find((id) => !cards[id]);
	if (unseen !== undefined && (fresh < NEW_A_DAY || !first)) return unseen;
	return first?.id ?? others[0]!;
}
