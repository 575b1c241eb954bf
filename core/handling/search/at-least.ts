/**
 * At least so many transfers are still to come. Two neighbours on one carrier have to be parted when they are
 * not wound with each other as they are to be, or when a stitch that is worked before both has to be wound otherwise
 * with one than with the other: passing both alike changes both alike. A transfer parts one pair of neighbours at most. What is on the right
 * needle or loose has to leave it as well, and a pair that is wound needs a transfer for each half turn but the
 * last, which working may give it.
 */

import { FIRST, LOOSE, RIGHT, SECOND, type SearchRow } from './row.ts';
import type { Rules } from './acts.ts';

const CARRIERS = 5;
/** Where the unit met last on each carrier stands. */
const LAST = new Int8Array(CARRIERS);
/** Most units. */
const MOST = 16;
/** Half turns that loops at two places of the row lack. */
const LACKS = new Int8Array(MOST * MOST);
/** The place of each in the order of working. */
const PLACE = new Int8Array(MOST);

export function transfersToCome(rules: Rules, b: SearchRow): number {
	const { units, place, wanted, loose } = rules;
	const { turns, unit, on, plane, length } = b;
	LAST.fill(-1);
	let sum = 0;
	let most = 0;
	for (let i = 0; i < length; i++) {
		const v = unit[i]!;
		PLACE[i] = place[v]!;
		for (let j = 0; j < i; j++) {
			const u = unit[j]!;
			const at = u < v ? u * units + v : v * units + u;
			const lacks = wanted[at]! - turns[at]!;
			LACKS[i * MOST + j] = LACKS[j * MOST + i] = lacks;
			if (lacks > most) most = lacks;
			else if (-lacks > most) most = -lacks;
		}
	}
	for (let i = 0; i < length; i++) {
		const before = LAST[on[i]!]!;
		LAST[on[i]!] = i;
		if (before !== -1 && isParted(before, i, plane[i] === plane[before], length)) sum += 1;
	}
	if (LAST[RIGHT] !== -1) sum += 1;
	// What is drawn out of the right needle leaves it and may be parted from others by one transfer.
	if (LAST[LOOSE] !== -1 && (loose === 0 || LAST[RIGHT] === -1)) sum += 1;
	// Put back first, each filled holder has to be emptied.
	if (!rules.may['off-holder']) sum += (LAST[FIRST] === -1 ? 0 : 1) + (LAST[SECOND] === -1 ? 0 : 1);
	return Math.max(sum, most - 1, length === 0 ? 0 : 1);
}

/** Whether two neighbours on one carrier have to be parted. */
function isParted(right: number, left: number, alike: boolean, length: number): boolean {
	if (LACKS[left * MOST + right] !== 0) return true;
	if (!alike) return false;
	for (let k = 0; k < length; k++) {
		if (PLACE[k]! >= PLACE[right]! || LACKS[left * MOST + k] === LACKS[right * MOST + k]) continue;
		if (k < right || k > left) return true;
	}
	return false;
}
