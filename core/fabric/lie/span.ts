/** How wide a fabric lies, in stitch widths, the half stitches at both edges included. */

const spanOf = (row: Float64Array): number => (row.length === 0 ? 0 : row.at(-1)! - row[0]! + 1);

/** Whether rows have more and fewer stitches, so that it has no one width. */
export const isShaped = (x: readonly Float64Array[]): boolean => x.some((row) => row.length !== x[0]!.length);

/** The rows in the middle tell the width: borders and the first cast-on draw in less. */
export const middleRows = <T>(rows: readonly T[]): readonly T[] =>
	rows.slice(Math.floor(rows.length / 4), Math.max(1, Math.ceil((rows.length * 3) / 4)));

/** The mean of the rows in the middle; the widest of all where their stitches differ. Linear in rows. */
export function spanAcross(x: readonly Float64Array[]): number {
	if (isShaped(x)) return Math.max(...x.map(spanOf));
	const middle = middleRows(x);
	return middle.reduce((sum, row) => sum + spanOf(row), 0) / Math.max(1, middle.length);
}
