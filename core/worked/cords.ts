/** The cords of a swatch: strands that take part in crossings as knit, those that always stay side by side together. */

export interface Cord {
	/** A, B, C … from the right, in the row in which it first stands. */
	readonly letter: string;
	/** 0 to 3: which of the cord colours it has. */
	readonly colour: 0 | 1 | 2 | 3;
	/** Its strands, from the right. */
	readonly strands: readonly number[];
	/** The first and the last row, by place, in which it stands; -1 is the cast-on. */
	readonly begins: number;
	readonly ends: number;
}

export interface Cords {
	readonly cords: readonly Cord[];
	/** The strand of each stitch, row by row; row 0 is the cast-on, so row i of the swatch is at i + 1. */
	readonly strands: readonly Int32Array[];
	/** The cord of each strand, -1 for ground. */
	readonly cordOf: Int32Array;
}
