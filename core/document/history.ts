/** What undo goes back through. Typing in one place is one change, however many keys it took. */

export interface History<T> {
	readonly past: readonly T[];
	readonly now: T;
	readonly future: readonly T[];
	/** What the last change was made to; the next one to the same place joins it. */
	readonly place: string | undefined;
}

const MOST_KEPT = 200;

export const startHistory = <T>(now: T): History<T> => ({ past: [], now, future: [], place: undefined });

/** Records a change. Changes one after another at the same `place` count as one. */
export function change<T>(h: History<T>, now: T, place?: string): History<T> {
	if (now === h.now) return h;
	if (place !== undefined && place === h.place) return { ...h, now, future: [] };
	return { past: [...h.past, h.now].slice(-MOST_KEPT), now, future: [], place };
}

export function undo<T>(h: History<T>): History<T> {
	const before = h.past.at(-1);
	if (before === undefined) return h;
	return { past: h.past.slice(0, -1), now: before, future: [h.now, ...h.future], place: undefined };
}

export function redo<T>(h: History<T>): History<T> {
	const [next, ...rest] = h.future;
	if (next === undefined) return h;
	return { past: [...h.past, h.now], now: next, future: rest, place: undefined };
}
