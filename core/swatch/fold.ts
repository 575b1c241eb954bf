/** What comes several times one after another, told once. */

/** A stretch, and how often it comes. */
export interface Fold<T> {
	readonly body: readonly T[];
	readonly times: number;
}

/** The longest stretch that is looked at as the body of a repeat. */
const MOST_BODY = 12;
/** Twice is said twice. */
const FEWEST = 3;

/** The list as stretches, in order: what comes three times or more in a row is one. Equal is what has the same key. */
export function fold<T>(all: readonly T[], key: (item: T) => string): readonly Fold<T>[] {
	const keys = all.map(key);
	const out: Fold<T>[] = [];
	for (let i = 0; i < all.length;) {
		const { length, times } = repeatAt(keys, i);
		out.push({ body: all.slice(i, i + length), times });
		i += length * times;
	}
	return out;
}

/** The body that saves the most when it is told once; a single item when nothing comes often enough. */
function repeatAt(keys: readonly string[], i: number): { length: number; times: number } {
	let best: { length: number; times: number } | undefined;
	for (let length = 1; length <= MOST_BODY && i + FEWEST * length <= keys.length; length++) {
		let times = 1;
		while (same(keys, i, i + times * length, length)) times += 1;
		if (times >= FEWEST && (!best || length * times > best.length * best.times)) best = { length, times };
	}
	return best ?? { length: 1, times: 1 };
}

function same(keys: readonly string[], a: number, b: number, length: number): boolean {
	if (b + length > keys.length) return false;
	for (let k = 0; k < length; k++) if (keys[a + k] !== keys[b + k]) return false;
	return true;
}
