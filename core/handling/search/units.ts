/** The pieces that a search moves about: runs of stitches that nothing tells apart. */

import { groupsOf, isOver, type Crossing, type StitchNumber } from '../../crossing/index.ts';

export interface Units {
	/** Stitches of each unit, from the tip. */
	readonly stitches: readonly (readonly StitchNumber[])[];
	/** Units in the order of working. */
	readonly order: readonly number[];
	/** For units a before b that change order: 1 when a lies over b, -1 when b does; 0 when they keep their order. */
	readonly over: readonly (readonly number[])[];
}

/**
 * Neighbours that stay together and lie over and under the same stitches go as one: what a procedure
 * does with one of them it can do with all, in no more moves. Only a limit on loose loops can make it
 * pay to part them; `single` keeps every stitch by itself for that.
 */
export function unitsOf(c: Crossing, single = false): Units {
	const all = Array.from({ length: c.n }, (_, i) => i + 1);
	const alike = (a: StitchNumber, b: StitchNumber): boolean =>
		all.every((s) => s === a || s === b || isOver(c, a, s) === isOver(c, b, s));
	const runs = single ? all.map((s) => [s]) : groupsOf(c).map((g) => [...g]);
	const stitches = runs.flatMap((run) => {
		const parts: StitchNumber[][] = [];
		for (const s of run) {
			const last = parts.at(-1);
			if (last && alike(last[0]!, s)) last.push(s);
			else parts.push([s]);
		}
		return parts;
	});
	const heads = stitches.map((u) => u[0]!);
	const order = heads
		.map((s, unit) => ({ unit, at: c.order.indexOf(s) }))
		.sort((a, b) => a.at - b.at)
		.map(({ unit }) => unit);
	const over = heads.map((a) =>
		heads.map((b) => {
			const upper = isOver(c, a, b);
			return upper === undefined ? 0 : upper ? 1 : -1;
		}),
	);
	return {
		stitches,
		order,
		over,
	};
}
