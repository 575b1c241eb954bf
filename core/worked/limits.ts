/** Stated limits; what is longer is refused with a message that names them. */
export const SWATCH_LIMITS = {
	/** Stitches in one row. */
	stitches: 400,
	/** Rows worked, repeats included. */
	rows: 600,
	/** Things done in one row: each stitch, each time that a part in brackets is worked, each marker. */
	done: 20_000,
	/** Things done in all rows; one that repeats a row before it on the same stitches costs none. */
	doneInAll: 2_000_000,
	/** Markers on the needles. */
	markers: 800,
	/** Problems that are listed. */
	problems: 400,
	/** Characters of its text. */
	text: 60_000,
	title: 120,
} as const;
