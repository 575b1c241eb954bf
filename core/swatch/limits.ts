/** Stated limits; what is longer is refused with a message that names them. */
export const SWATCH_LIMITS = {
	/** Stitches in one row. */
	stitches: 400,
	/** Rows worked, repeats included. */
	rows: 600,
	/** Characters of its text. */
	text: 60_000,
	title: 120,
	/** Swatches of one teacher. */
	many: 500,
} as const;
