/** Rows of two layers: each side shows the one that faces it, and one layer may cross alone. */

import type { InSwatch } from '../in-swatch.ts';
import type { Worked } from '../../worked/index.ts';

export const doubleRows: InSwatch = {
	settings: ['layers'],
	one: ({ layers }) => (layers === 'pairs' ? 'pair' : `${layers} stitch`),
	note: ({ layers }) =>
		layers === 'pairs'
			? 'Each square is a pair.'
			: `Each square is a pair; crossings are of the ${layers} layer only, and the other side’s chart lies straight.`,
	way: ({ layers }) => layers,
	seen: (worked, side) => {
		if (side === 'RS') return worked.layers === 'back' ? straight(worked) : worked;
		return turnedOver(worked.layers === 'facing' ? straight(worked) : worked);
	},
};

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
