/** How far strands come forward where they cross: straight from `over`. */

import type { Crossing, StitchNumber } from '../../crossing/index.ts';

/** The place of a strand on its way across, from 0 to 1, where another one crosses it; undefined where they do not meet. */
function meetingAt(
	[a0, a1]: readonly [from: number, to: number],
	[b0, b1]: readonly [from: number, to: number],
): number | undefined {
	const apart = b0 - a0;
	const turned = apart - (b1 - a1);
	const at = apart / turned;
	return turned !== 0 && at > 0 && at < 1 ? at : undefined;
}

export interface LayerLift {
	/** Forward, in layers: half a layer up and half a layer down for two cords. */
	readonly layer: number;
	/** Where it lies over some and under others in a ring, each meeting by itself: where, and forward or back. */
	readonly meetings?: readonly { readonly at: number; readonly layer: number }[];
}

/**
 * The layer of each stitch of a crossing: what lies over another is a layer nearer, layers centred on the fabric. In a
 * ring, where none is nearest, each meeting is lifted by itself. Quadratic in stitches.
 */
export function liftsOf({ order, over }: Pick<Crossing, 'order' | 'over'>): ReadonlyMap<StitchNumber, LayerLift> {
	const above = new Map<number, number[]>();
	for (const [upper, lower] of over) above.set(lower, [...(above.get(lower) ?? []), upper]);
	const place = new Map(order.map((s, k) => [s, k + 1]));
	const crossed = new Set(over.flat());
	const depth = new Map<number, number>();
	const rank = (s: number, seen: ReadonlySet<number>): number | undefined => {
		const known = depth.get(s);
		if (known !== undefined) return known;
		if (seen.has(s)) return undefined;
		let most = 0;
		for (const upper of above.get(s) ?? []) {
			const one = rank(upper, new Set([...seen, s]));
			if (one === undefined) return undefined;
			most = Math.max(most, one + 1);
		}
		depth.set(s, most);
		return most;
	};
	const lifts = new Map<StitchNumber, LayerLift>();
	const ranks = [...crossed].map((s) => rank(s, new Set()));
	if (ranks.every((r) => r !== undefined)) {
		const deepest = Math.max(0, ...ranks);
		for (const s of crossed) lifts.set(s, { layer: deepest / 2 - depth.get(s)! });
		return lifts;
	}
	for (const s of crossed) {
		const way = [s, place.get(s)!] as const;
		const meetings = over.flatMap(([upper, lower]) => {
			const other = upper === s ? lower : lower === s ? upper : undefined;
			if (other === undefined) return [];
			const at = meetingAt(way, [other, place.get(other)!]);
			return at === undefined ? [] : [{ at, layer: upper === s ? 0.5 : -0.5 }];
		});
		lifts.set(s, { layer: 0, meetings });
	}
	return lifts;
}
