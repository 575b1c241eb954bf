/** What one face of a swatch shows: with one layer crossing, the other one lies straight. */

import { cordsOf, type Cords } from './cords.ts';
import type { Worked } from './fabric.ts';

export interface Seen {
	readonly worked: Worked;
	readonly cords: Cords;
}

const known = new WeakMap<Worked, { readonly RS: Seen; readonly WS: Seen }>();

/** The fabric that is seen from a side. Of double-knitting each side shows the layer that faces it, knit on its own face. */
export function seenFrom(worked: Worked, side: 'RS' | 'WS', cords?: Cords): Seen {
	if (worked.craft !== 'double-knit') return { worked, cords: cords ?? cordsOf(worked) };
	let both = known.get(worked);
	if (!both) {
		const { layers } = worked;
		const facing = layers === 'back' ? straight(worked) : worked;
		const back = layers === 'facing' ? straight(worked) : worked;
		both = {
			RS: { worked: facing, cords: cordsOf(facing) },
			WS: { worked: turnedOver(back), cords: cordsOf(back) },
		};
		known.set(worked, both);
	}
	return both[side];
}

/** The layer that does not cross: its stitches stand one above the other. */
const straight = (worked: Worked): Worked => ({
	...worked,
	rows: worked.rows.map((row) => ({
		...row,
		crossings: [],
		stitches: row.stitches.map((s, i) => (s.how === 'x' ? { ...s, how: 'k', from: i } : s)),
	})),
});

/** The back layer, told as everything is by its look on the right side, where it is purl. */
const turnedOver = (worked: Worked): Worked => ({
	...worked,
	rows: worked.rows.map((row) => ({
		...row,
		stitches: row.stitches.map((s) => ({ ...s, face: s.face === 'k' ? 'p' : 'k' })),
	})),
});
