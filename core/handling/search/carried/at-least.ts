/**
 * At least so many transfers are still to come. Two neighbours on one carrier have to be parted when the left one
 * comes first, or when a stitch that is worked before both has to be wound otherwise with one than with the other:
 * passing both alike changes both alike. A transfer parts one pair of neighbours at most. What is on the right
 * needle or loose has to leave it as well, and a pair that is wound needs a transfer for each half turn but the
 * last, which working may give it.
 */

import { FIRST, LOOSE, RIGHT, SECOND, type Row } from './row.ts';
import type { Rules } from './acts.ts';

const CARRIERS = 5;
/** Where the unit met last on each carrier stands. */
const LAST = new Int8Array(CARRIERS);

export function transfersToCome(rules: Rules, b: Row): number {
	const { units, place, wanted } = rules;
	const { turns, unit, on, plane, length } = b;
	LAST.fill(-1);
	let sum = 0;
	let most = 0;
	for (let i = 0; i < length; i++) {
		const v = unit[i]!;
		const before = LAST[on[i]!]!;
		LAST[on[i]!] = i;
		for (let j = 0; j < i; j++) {
			const u = unit[j]!;
			const at = u < v ? u * units + v : v * units + u;
			const lacks = wanted[at]! - turns[at]!;
			if (lacks > most) most = lacks;
			else if (-lacks > most) most = -lacks;
		}
		if (before === -1) continue;
		const u = unit[before]!;
		if (place[v]! < place[u]!) sum += 1;
		else if (plane[i] === plane[before]) {
			for (let k = 0; k < length; k++) {
				const x = unit[k]!;
				if (place[x]! >= place[u]! || (k > before && k < i)) continue;
				const xu = x < u ? x * units + u : u * units + x;
				const xv = x < v ? x * units + v : v * units + x;
				if (wanted[xu]! - turns[xu]! === wanted[xv]! - turns[xv]!) continue;
				sum += 1;
				break;
			}
		}
	}
	if (LAST[RIGHT] !== -1) sum += 1;
	if (LAST[LOOSE] !== -1) sum += 1;
	// Put back first, each filled holder has to be emptied.
	if (!rules.may['off-holder']) sum += (LAST[FIRST] === -1 ? 0 : 1) + (LAST[SECOND] === -1 ? 0 : 1);
	return Math.max(sum, most - 1);
}
