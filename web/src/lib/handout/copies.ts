/** Copies that one file holds, of all sheets together. */
export const MOST_COPIES = 40;

/** Whether a room needs more than one file holds: it then gets one of each kind, to copy. */
export const isTooMany = (sheets: readonly { readonly many: number }[]): boolean =>
	sheets.reduce((sum, { many }) => sum + many, 0) > MOST_COPIES;
