/** The cables of a swatch: crossings that share a stitch, directly or through others, belong to one. */

import type { Cords, Worked } from '../worked/index.ts';

export interface Cable {
	/** What its first crossing is called. */
	readonly name: string;
	/** Rows by place in which it crosses, in order. */
	readonly rows: readonly number[];
}

/** From the right, by where each crosses first. Linear in the stitches of its crossings. */
export function cablesOf(worked: Worked, { strands }: Pick<Cords, 'strands'>): readonly Cable[] {
	const found: { name: string; at: number; rows: Set<number> }[] = [];
	/** The cable of each strand that was crossed; one that has joined another is followed to that. */
	const of = new Map<number, number>();
	const joined: number[] = [];
	const root = (cable: number): number => {
		let at = cable;
		while (joined[at] !== at) at = joined[at]!;
		return at;
	};
	for (const [i, row] of worked.rows.entries())
		for (const { at, crossing, name } of row.crossings) {
			const crossed = Array.from({ length: crossing.n }, (_, k) => strands[i + 1]![at + k]!);
			const known = [...new Set(crossed.flatMap((s) => (of.has(s) ? [root(of.get(s)!)] : [])))];
			const own = known[0] ?? found.push({ name, at, rows: new Set() }) - 1;
			joined[own] ??= own;
			for (const other of known.slice(1)) {
				joined[other] = own;
				for (const r of found[other]!.rows) found[own]!.rows.add(r);
			}
			found[own]!.rows.add(i);
			for (const s of crossed) of.set(s, own);
		}
	return found
		.filter((_, i) => joined[i] === i)
		.sort((a, b) => a.at - b.at)
		.map(({ name, rows }) => ({ name, rows: [...rows].sort((a, b) => a - b) }));
}
