/** Whose hands do what is done by hand, kept in this browser; right ones where it keeps nothing. */

import { DEMONSTRATIONS, type Demonstration } from '@pond-loop/core/craft';

const KEY = 'practice-hands';

export function handsHere(): Demonstration {
	try {
		const kept = localStorage.getItem(KEY);
		return DEMONSTRATIONS.find((d) => d === kept) ?? 'right';
	} catch {
		return 'right';
	}
}
export function keepHands(hands: Demonstration): void {
	try {
		localStorage.setItem(KEY, hands);
	} catch {
		// Then they are those for as long as the page is open.
	}
}
