/**
 * Where two holders may hang, left open until a passing tells: a set of combinations as bits. Of the four places
 * two holders never share one, so there are twelve; of a holder that is not in use every place is in the set.
 */

import type { Depth, Holder } from '../state.ts';

/** From the viewer on. */
const PLACES: readonly Required<Holder>[] = [
	{ side: 'front', depth: 'outer' },
	{ side: 'front', depth: 'inner' },
	{ side: 'back', depth: 'inner' },
	{ side: 'back', depth: 'outer' },
];

/** A set of combinations. */
export type Places = number;
export type HolderIndex = 0 | 1;

const bitOf = (first: number, second: number): Places => 1 << (first * 4 + second);

function placesWhere(holds: (first: number, second: number) => boolean): Places {
	let set = 0;
	for (let first = 0; first < 4; first++) {
		for (let second = 0; second < 4; second++) {
			if (first !== second && holds(first, second)) set |= bitOf(first, second);
		}
	}
	return set;
}

export const ANYWHERE: Places = placesWhere(() => true);

/** Combinations in which a holder hangs in front. */
export const IN_FRONT: readonly [Places, Places] = [
	placesWhere((first) => first < 2),
	placesWhere((_, second) => second < 2),
];

/** Combinations in which the first holder hangs nearer the viewer than the second. */
export const FIRST_NEARER: Places = placesWhere((first, second) => first < second);

/** What becomes of a set, made from what becomes of each combination alone: a table for each half of its bits. */
function overSets(of: (first: number, second: number) => Places): (set: Places) => Places {
	const halves = [0, 8].map((from) => {
		const table = new Uint16Array(256);
		for (let set = 1; set < table.length; set++) {
			const at = from + 31 - Math.clz32(set & -set);
			table[set] = table[set & (set - 1)]! | of(at >> 2, at & 3);
		}
		return table;
	});
	const [low, high] = halves as [Uint16Array, Uint16Array];
	return (set) => low[set & 255]! | high[set >> 8]!;
}

/** Sets once a holder is put down: it may come back anywhere. */
export const LET_GO: readonly [ReturnType<typeof overSets>, ReturnType<typeof overSets>] = [
	overSets((_, second) => placesWhere((_a, b) => b === second)),
	overSets((first) => placesWhere((a) => a === first)),
];

/** Sets once a holder is brought elsewhere. */
export const BROUGHT: readonly [ReturnType<typeof overSets>, ReturnType<typeof overSets>] = [
	overSets((first, second) => placesWhere((a, b) => b === second && a !== first)),
	overSets((first, second) => placesWhere((a, b) => a === first && b !== second)),
];

/** The same set with the holders' names exchanged. */
export const EXCHANGED = overSets((first, second) => bitOf(second, first));

/** Combinations of a set, the simplest to say first: inner ones. */
export function combinationsOf(set: Places): readonly Places[] {
	const inner = [1, 2, 0, 3];
	return inner.flatMap((first) =>
		inner.flatMap((second) => ((set & bitOf(first, second)) === 0 ? [] : [bitOf(first, second)])),
	);
}

/** The place of one holder in a combination. */
export function placeOf(
	combination: Places,
	holder: HolderIndex,
): { readonly side: 'front' | 'back'; readonly depth: Depth } {
	const at = 31 - Math.clz32(combination);
	return PLACES[holder === 0 ? at >> 2 : at & 3]!;
}

/** Whether two combinations have one holder in the same place. */
export const agreeOn = (a: Places, b: Places, holder: HolderIndex): boolean => {
	const [x, y] = [31 - Math.clz32(a), 31 - Math.clz32(b)];
	return holder === 0 ? x >> 2 === y >> 2 : (x & 3) === (y & 3);
};

/** The combination of these places. */
export function combinationOf(holders: readonly (Holder | undefined)[]): Places {
	const at = (holder: Holder): number => PLACES.findIndex((p) => p.side === holder.side && p.depth === holder.depth);
	const [first, second] = holders.map((h) => (h ? at(h) : undefined));
	return placesWhere((a, b) => (first === undefined || a === first) && (second === undefined || b === second));
}
