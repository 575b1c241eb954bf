/**
 * How far each crossing of a swatch is pulled: its strand that is pulled furthest, by the rows since that strand last went at
 * least as far, or since it began. The small steps of a cord that travels count as plain rows for a wider crossing, and the
 * rows below a first crossing are known, so they count too.
 */

import {
	strainOf,
	strainVerdict,
	type Fibre,
	type Gauge,
	type HandTension,
	type StrainVerdict,
} from '../fabric/index.ts';
import { travelsOf } from '../crossing/index.ts';
import type { Cords, Worked } from '../worked/index.ts';

export interface PulledBy {
	readonly fibre?: Fibre;
	readonly tension?: HandTension;
}

export interface CrossingStrain {
	/** Rows below it that could be worked, itself included: its row in the fabric, the cast-on being 0. */
	readonly row: number;
	/** The number of its row in the text. */
	readonly number: number;
	/** Its first column, and how many it takes. */
	readonly at: number;
	readonly n: number;
	/** Stitches of travel of the strand that is pulled furthest; of a purled background stitch half of them. */
	readonly travel: number;
	/** Rows since that strand last went at least as far, or since it began. */
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
	pulled: PulledBy = {},
): StrainedTogether[] {
	const leader = cords.cords.map((_, i) => i);
	const find = (i: number): number => (leader[i] === i ? i : find(leader[i]!));
	const crossed = new Map<number, CrossingStrain[]>();
	/** What each strand did: its travels, the last one at the end, without those that a later one went at least as far as. */
	const travelled = new Map<number, { readonly travel: number; readonly row: number }[]>();
	/** The row in which a strand began; the cast-on when it is not here. */
	const began = new Map<number, number>();
	let row = 0;
	for (const [i, line] of worked.rows.entries()) {
		if (!line.ok) continue;
		row += 1;
		const strands = cords.strands[i + 1]!;
		for (const [column, { from }] of line.stitches.entries()) if (from < 0) began.set(strands[column]!, row);
		for (const { at, crossing } of line.crossings) {
			const here = new Set<number>();
			let worst: CrossingStrain | undefined;
			for (let k = 0; k < crossing.n; k++) {
				const cord = cords.cordOf[strands[at + k]!]!;
				if (cord >= 0) here.add(cord);
			}
			for (const { stitch, pulls: travel } of travelsOf(crossing)) {
				const strand = strands[at + crossing.order.indexOf(stitch)]!;
				const before = travelled.get(strand) ?? [];
				while (before.length > 0 && before.at(-1)!.travel < travel) before.pop();
				const since = row - (before.at(-1)?.row ?? began.get(strand) ?? 0);
				if (before.at(-1)?.travel === travel) before.pop();
				before.push({ travel, row });
				travelled.set(strand, before);
				const strain = strainOf({ travel, rows: since, gauge, ...pulled });
				if (!worst || strain > worst.strain)
					worst = {
						row,
						number: line.number,
						at,
						n: crossing.n,
						travel,
						since,
						strain,
						verdict: strainVerdict(strain),
					};
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
