/**
 * The cords of a swatch: strands that take part in crossings as knit, those that always stay side by
 * side together. Everything else is ground.
 */

import type { Cord, Cords, Worked } from '../worked/index.ts';

export const letterOf = (i: number): string =>
	(i >= 26 ? String.fromCharCode(64 + Math.floor(i / 26)) : '') + String.fromCharCode(65 + (i % 26));

/** Linear in stitches. */
export function cordsOf(worked: Worked): Cords {
	const strands: Int32Array[] = [Int32Array.from({ length: worked.castOn }, (_, i) => i)];
	let next = worked.castOn;
	for (const row of worked.rows) {
		const before = strands.at(-1)!;
		if (!row.ok) {
			strands.push(before);
			continue;
		}
		const { stitches } = row;
		const now = new Int32Array(stitches.length);
		for (let k = 0; k < now.length; k++) {
			const { from } = stitches[k]!;
			now[k] = from < 0 ? next++ : before[from]!;
		}
		strands.push(now);
	}
	// How often each strand was crossed, and how often purled in it.
	const crossed = new Int32Array(next);
	const purled = new Int32Array(next);
	for (const [i, row] of worked.rows.entries()) {
		for (const { at, crossing } of row.crossings) {
			for (let k = 0; k < crossing.n; k++) {
				const strand = strands[i + 1]![at + k]!;
				crossed[strand]! += 1;
				if (row.stitches[at + k]!.face === 'p') purled[strand]! += 1;
			}
		}
	}
	const isCord = (s: number): boolean => crossed[s]! > 0 && purled[s]! * 2 < crossed[s]!;
	const { begins, ends, leftOf } = neighbours(strands, next);

	const cordOf = new Int32Array(next).fill(-1);
	const cords: Cord[] = [];
	const order = Array.from({ length: next }, (_, s) => s).filter(isCord);
	// Those of the cast-on come first, from the right; made ones follow in the order in which they begin.
	for (const s of order) {
		if (cordOf[s] !== -1) continue;
		const members: number[] = [];
		for (let at = s; at >= 0 && isCord(at) && cordOf[at] === -1; at = leftOf[at]!) {
			cordOf[at] = cords.length;
			members.push(at);
		}
		cords.push({
			letter: letterOf(cords.length),
			colour: (cords.length % 4) as Cord['colour'],
			strands: members,
			begins: begins[s]! - 1,
			ends: ends[s]! - 1,
		});
	}
	return { cords, strands, cordOf };
}

/** For each strand the one that stands left of it in every row that either of them is in; -1 when none does. */
function neighbours(
	strands: readonly Int32Array[],
	many: number,
): { begins: Int32Array; ends: Int32Array; leftOf: Int32Array } {
	const begins = new Int32Array(many).fill(-1);
	const ends = new Int32Array(many).fill(-1);
	const leftOf = new Int32Array(many).fill(-2);
	for (const [i, row] of strands.entries()) {
		for (let k = 0; k < row.length; k++) {
			const s = row[k]!;
			if (begins[s] === -1) begins[s] = i;
			ends[s] = i;
			const left = row[k + 1] ?? -1;
			if (leftOf[s] === -2) leftOf[s] = left;
			else if (leftOf[s] !== left) leftOf[s] = -1;
		}
	}
	for (let s = 0; s < many; s++) {
		const left = leftOf[s]!;
		if (left >= 0 && (begins[left] !== begins[s] || ends[left] !== ends[s])) leftOf[s] = -1;
	}
	return { begins, ends, leftOf };
}
