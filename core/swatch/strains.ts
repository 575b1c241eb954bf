/**
 * How far each crossing of a swatch is pulled: its strand that is pulled furthest, by the rows since that strand crossed
 * last. A cord that travels passes another stitch of the ground each time, and each of these has its own slack.
 */

import {
	strainOf,
	strainVerdict,
	type Fibre,
	type Gauge,
	type HandTension,
	type StrainVerdict,
} from '../fabric/index.ts';
import type { Cords } from './cords.ts';
import type { Worked } from './worked.ts';

export interface Pulled {
	readonly fibre?: Fibre;
	readonly tension?: HandTension;
}

export interface CrossingStrain {
	/** Rows below it that could be worked, itself included: its row in the fabric, the cast-on being 0. */
	readonly row: number;
	/** Its first column, and how many it takes. */
	readonly at: number;
	readonly n: number;
	/** Stitches that the strand that is pulled furthest goes sideways. */
	readonly travel: number;
	/** Rows since that strand crossed last; as many as the crossing has stitches where it never did. */
	readonly since: number;
	readonly strain: number;
	readonly verdict: StrainVerdict;
}

export interface StrainedTogether {
	/** Cords that cross each other, by their places among the cords. */
	readonly cords: readonly number[];
	/** From the cast-on up. */
	readonly crossings: readonly CrossingStrain[];
}

/** Cords that cross each other, taken together, each crossing with its strain. Linear in stitches. */
export function strainsIn(
	worked: Worked,
	cords: Cords,
	gauge: Pick<Gauge, 'stitches' | 'rows'>,
	pulled: Pulled = {},
): StrainedTogether[] {
	const leader = cords.cords.map((_, i) => i);
	const find = (i: number): number => (leader[i] === i ? i : find(leader[i]!));
	const crossed = new Map<number, CrossingStrain[]>();
	/** The row in which each strand crossed last. */
	const last = new Map<number, number>();
	let row = 0;
	for (const [i, line] of worked.rows.entries()) {
		if (!line.ok) continue;
		row += 1;
		const strands = cords.strands[i + 1]!;
		for (const { at, crossing } of line.crossings) {
			const here = new Set<number>();
			let worst: CrossingStrain | undefined;
			for (const [k, stitch] of crossing.order.entries()) {
				const strand = strands[at + k]!;
				const cord = cords.cordOf[strand]!;
				if (cord >= 0) here.add(cord);
				const travel = Math.abs(stitch - (k + 1));
				if (travel === 0) continue;
				const before = last.get(strand);
				last.set(strand, row);
				const since = before === undefined ? crossing.n : row - before;
				const strain = strainOf({ travel, rows: since, gauge, ...pulled });
				if (!worst || strain > worst.strain)
					worst = { row, at, n: crossing.n, travel, since, strain, verdict: strainVerdict(strain) };
			}
			const [first, ...others] = here;
			if (first === undefined || !worst) continue;
			for (const other of others) leader[find(other)] = find(first);
			const before = crossed.get(first) ?? [];
			before.push(worst);
			crossed.set(first, before);
		}
	}
	const sets = new Map<number, number[]>();
	for (const [i] of cords.cords.entries()) sets.set(find(i), [...(sets.get(find(i)) ?? []), i]);
	return [...sets.values()].map((members) => ({
		cords: members,
		crossings: members.flatMap((m) => crossed.get(m) ?? []).sort((a, b) => a.row - b.row || a.at - b.at),
	}));
}
