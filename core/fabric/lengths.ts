/** Whole repeats for a length, and stitches to cast on for a width: both neighbours, and the nearer one. */

export interface Neighbours<T> {
	readonly below: T;
	readonly above: T;
	/** Repeats of the nearer; at a tie the larger. */
	readonly nearer: number;
}

export interface RepeatsLong {
	readonly repeats: number;
	readonly lengthCm: number;
}
export interface RepeatsWide {
	readonly repeats: number;
	readonly castOn: number;
	readonly widthCm: number;
}

/** What is as good as whole is whole: measures are no finer than that. */
const WHOLE = 1e-9;

function neighbours<T extends { readonly repeats: number }>(
	exact: number,
	of: (repeats: number) => T,
	size: (t: T) => number,
	wanted: number,
): Neighbours<T> {
	const least = Math.max(0, Math.floor(exact + WHOLE));
	const most = Math.max(0, Math.ceil(exact - WHOLE));
	const [below, above] = [of(least), of(most)];
	const nearer = wanted - size(below) < size(above) - wanted - WHOLE ? least : most;
	return { below, above, nearer };
}

/** Rows for a length L at R rows in 10 cm are L·R/10; repeats are what set-up and borders leave of them. */
export function repeatsForLength(asked: {
	readonly rowsPer10cm: number;
	readonly setUpRows: number;
	readonly borderRows: number;
	readonly repeatRows: number;
	readonly lengthCm: number;
}): Neighbours<RepeatsLong> {
	const other = asked.setUpRows + asked.borderRows;
	const exact = ((asked.lengthCm * asked.rowsPer10cm) / 10 - other) / asked.repeatRows;
	return neighbours(
		exact,
		(repeats) => ({ repeats, lengthCm: ((other + repeats * asked.repeatRows) * 10) / asked.rowsPer10cm }),
		(t) => t.lengthCm,
		asked.lengthCm,
	);
}

/**
 * Cast-on is edges at both sides + repeats × multiple + plus; the stitches of the repeats keep `takeUp` of their plain
 * width (1: all of it).
 */
export function castOnForWidth(asked: {
	readonly stitchesPer10cm: number;
	/** At each side. */
	readonly edgeStitches: number;
	readonly multiple: number;
	readonly plus: number;
	readonly takeUp: number;
	readonly widthCm: number;
}): Neighbours<RepeatsWide> {
	const other = 2 * asked.edgeStitches + asked.plus;
	const each = asked.multiple * asked.takeUp;
	const exact = ((asked.widthCm * asked.stitchesPer10cm) / 10 - other) / each;
	return neighbours(
		exact,
		(repeats) => ({
			repeats,
			castOn: other + repeats * asked.multiple,
			widthCm: ((other + repeats * each) * 10) / asked.stitchesPer10cm,
		}),
		(t) => t.widthCm,
		asked.widthCm,
	);
}
