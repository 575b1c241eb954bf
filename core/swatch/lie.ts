/** A worked swatch as loops that pull at each other, to be let lie; see `relax` of the fabric. */

import type { LoopFabric, LoopRow } from '../fabric/index.ts';
import { cordsOf } from './cords.ts';
import type { Cords, Worked, WorkedRow } from '../worked/index.ts';

/** The places at which a crossing put a loop elsewhere. */
function movedIn(row: WorkedRow): Uint8Array {
	const moved = new Uint8Array(row.stitches.length);
	for (const { at, crossing } of row.crossings) {
		for (const [k, s] of crossing.order.entries()) if (s !== k + 1) moved[at + k] = 1;
	}
	return moved;
}

/** Linear in stitches. A row that could not be worked lies as the row before. */
export function loopsThatLie(worked: Worked, cords: Cords = cordsOf(worked)): LoopFabric {
	const labels = (i: number): Int32Array => cords.strands[i]!.map((s) => cords.cordOf[s]!);
	const rows: LoopRow[] = [{ cords: labels(0) }];
	for (const [i, row] of worked.rows.entries()) {
		if (!row.ok) continue;
		const several = row.stitches.flatMap((s, c): [number, readonly number[]][] =>
			s.also && s.also.length > 0 ? [[c, s.also]] : [],
		);
		rows.push({
			cords: labels(i + 1),
			from: Int32Array.from(row.stitches, (s) => s.from),
			moved: movedIn(row),
			...(several.length > 0 ? { also: new Map(several) } : {}),
		});
	}
	return { rows };
}
