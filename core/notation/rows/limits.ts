/**
 * How much of a text is read. Whatever is beyond a limit is told at its place and not worked; nothing
 * of it is dropped in silence. Together they keep reading about linear in the length of the text.
 */
export const ROWS_LIMITS = {
	/** Characters of the whole text. */
	text: 100_000,
	/** Characters of one line. */
	line: 8000,
	/** Characters of a label such as `Rows 3, 7 and 11 (RS):`, with room for every row by its number. */
	label: 4000,
	/** Characters of a line that repeats rows. */
	repeat: 300,
	/** Brackets within brackets. */
	depth: 12,
	/** The highest row number. */
	number: 9999,
	/** Row numbers that all labels tell together. */
	told: 20_000,
	/** Lines that repeat rows. */
	repeats: 500,
	/** Different words that are looked up as names. */
	names: 3000,
	/** Different words for which names near them are offered. */
	offers: 40,
	/** Problems that are listed. */
	problems: 400,
} as const;
