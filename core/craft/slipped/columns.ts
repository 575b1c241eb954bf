/** Stitches with a colour and an age: what slipping over rows makes of them, and how far an old one is stretched. */

export type Colour = 'A' | 'B';

export interface Column {
	/** The colour of the yarn that the stitch on the needle was worked with. */
	readonly colour: Colour;
	/** Rows for which it was slipped since. */
	readonly age: number;
}

/** A row worked with one colour; columns, from 1 at the right, that are slipped in it. */
export interface SlipRow {
	readonly colour: Colour;
	readonly slips: readonly number[];
}

/** The columns after some rows. Every row lies across all of them: worked anew, or one row older. */
export function columnsAfter(start: readonly Column[], rows: readonly SlipRow[]): readonly Column[] {
	return rows.reduce(
		(columns, { colour, slips }) =>
			columns.map((c, i) => (slips.includes(i + 1) ? { ...c, age: c.age + 1 } : { colour, age: 0 })),
		start,
	);
}

/**
 * How much longer than at rest a slipped stitch has to become: the straight line from its foot to where it
 * ends, over the length of one of its legs. 1 is no stretch. `age` in rows, `reach` in columns.
 *
 * Source: a dry-relaxed plain stitch of loop length l is l / 5.0 high and l / 3.8 wide (Munden's constants);
 * its head takes one width of the loop, and the two legs share the rest.
 */
export function stretchOf(age: number, reach: number): number {
	const [height, width] = [1 / 5.0, 1 / 3.8];
	const leg = (1 - width) / 2;
	return Math.max(1, Math.hypot((age + 1) * height, reach * width) / leg);
}

/** Beyond this the neighbours have no slack left to lend. Assumed. */
export const MOST_STRETCH = 3.2;
