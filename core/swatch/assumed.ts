/** What the size of a swatch leaves out or takes for plain knitting, so that its page can say so. */

import type { Worked, WorkedRow } from '../worked/index.ts';

/** Parts of all stitches from which a fabric counts as ribbed, or as garter or moss. */
const MUCH = 0.25;
/** Stitches of a rib, at most. */
const WIDEST_RIB = 2;

/** Stitches that stand in runs of one face no wider than a rib, between others. */
function ribbed({ stitches, crossings }: WorkedRow): number {
	if (crossings.length > 0) return 0;
	let many = 0;
	let from = 0;
	for (let i = 1; i <= stitches.length; i++) {
		if (i < stitches.length && stitches[i]!.face === stitches[from]!.face) continue;
		if (from > 0 && i < stitches.length && i - from <= WIDEST_RIB) many += i - from;
		from = i;
	}
	return many;
}

/** Stitches whose face is another one than that of the stitch below: garter and moss. */
const changing = (row: WorkedRow, below: WorkedRow | undefined): number =>
	below ? row.stitches.filter((s) => s.from >= 0 && below.stitches[s.from]?.face !== s.face).length : 0;

/** What is reckoned as if it were plain knitting, a sentence each. Linear in stitches. */
export function assumedOf({ rows: all, shape }: Pick<Worked, 'rows' | 'shape'>): readonly string[] {
	const rows = all.filter((row) => row.ok);
	const total = rows.reduce((sum, row) => sum + row.stitches.length, 0);
	const isMuch = (of: (row: WorkedRow, i: number) => number): boolean =>
		total > 0 && rows.reduce((sum, row, i) => sum + of(row, i), 0) >= MUCH * total;
	const isChanging = isMuch((row, i) => changing(row, rows[i - 1]));
	const counted = [
		...(!isChanging && isMuch(ribbed) ? ['ribs, which draw in more'] : []),
		...(isChanging ? ['garter and moss, which are shorter and wider'] : []),
	];
	return [
		...(counted.length > 0 ? [`Counted as plain knitting: ${counted.join('; ')} (assumed).`] : []),
		...(shape === 'round' ? ['The round is laid open, with two edges (assumed).'] : []),
		...(rows.some((row) => row.crossings.length > 0)
			? ['Crossed stitches are counted with as much yarn as plain ones (assumed).']
			: []),
	];
}

/** Rows that could not be worked and so are in no figure; undefined where all could. */
export function notCounted({ rows }: Pick<Worked, 'rows'>): string | undefined {
	const numbers = rows.filter((row) => !row.ok).map((row) => row.number);
	if (numbers.length === 0) return undefined;
	const some = numbers.slice(0, 6).join(', ') + (numbers.length > 6 ? ' …' : '');
	return numbers.length === 1
		? `Row ${some} could not be worked and is not counted here.`
		: `${numbers.length} rows could not be worked and are not counted here: ${some}.`;
}
