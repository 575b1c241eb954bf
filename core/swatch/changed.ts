/** What a change of a swatch does to rows that it was not asked to touch. */

import type { Worked, WorkedRow } from '../worked/index.ts';

export interface RowChanged {
	/** Its number before. */
	readonly number: number;
	/** Its place among the rows of before and of after; nothing where it is no longer there. */
	readonly at: number;
	readonly then?: number;
	/** What comes out otherwise, such as `is worked on the WS`. */
	readonly what: string;
}

/** The number under which a row is told afterwards; nothing when it was to change, or to go. */
export type ToldAfter = (told: number) => number | undefined;

/**
 * Rows that come out otherwise than before, in their order. A row stands for the one of the same
 * occurrence that is told under the number given by `toldAfter`. `wider` when all rows were to get
 * other widths; then it only counts whether they can be worked. Rows that only follow the stitches
 * below, as they stand, follow. Linear in the stitches of both.
 */
export function rowsChanged(
	before: Worked,
	after: Worked,
	toldAfter: ToldAfter,
	{ wider = false }: { readonly wider?: boolean } = {},
): readonly RowChanged[] {
	const places = new Map<string, number>();
	const nth = counter();
	for (const [i, row] of after.rows.entries()) places.set(nth(row.told), i);
	const again = counter();
	return before.rows.flatMap((row, at) => {
		const told = toldAfter(row.told);
		const occurrence = again(row.told).slice(String(row.told).length);
		if (told === undefined) return [];
		const then = places.get(`${told}${occurrence}`);
		const now = then === undefined ? undefined : after.rows[then];
		const what = wider && now ? (row.ok && !now.ok ? CANNOT : undefined) : difference(row, now);
		return what ? [{ number: row.number, at, ...(then === undefined ? {} : { then }), what }] : [];
	});
}

/** `3 2` for the second time that 3 comes. */
function counter(): (n: number) => string {
	const seen = new Map<number, number>();
	return (n) => {
		const times = (seen.get(n) ?? 0) + 1;
		seen.set(n, times);
		return `${n} ${times}`;
	};
}

const CANNOT = 'can no longer be worked';
const follows = (row: WorkedRow): boolean => row.line.items.every((item) => item.kind === 'as-they-stand');

function difference(a: WorkedRow, b: WorkedRow | undefined): string | undefined {
	if (!b) return 'is no longer there';
	if (!a.ok) return undefined;
	if (a.side !== b.side) return `is worked on the ${b.side}${b.ok ? '' : `, and ${CANNOT}`}`;
	if (!b.ok) return CANNOT;
	if (a.stitches.length !== b.stitches.length) return `has ${b.stitches.length} stitches, not ${a.stitches.length}`;
	const crossing = a.crossings.findIndex((c, k) => {
		const other = b.crossings[k];
		return other?.at !== c.at || String(other.crossing.order) !== String(c.crossing.order) || !sameOver(c, other);
	});
	if (follows(a)) return undefined;
	if (crossing >= 0 || a.crossings.length !== b.crossings.length) return 'crosses otherwise';
	if (a.stitches.some((s, k) => s.face !== b.stitches[k]!.face)) return 'shows other stitches';
	if (a.stitches.some((s, k) => s.how !== b.stitches[k]!.how || s.twisted !== b.stitches[k]!.twisted))
		return 'is worked in other stitches';
	if (String(a.markers) !== String(b.markers)) return 'has its markers elsewhere';
	return undefined;
}

const sameOver = (a: WorkedRow['crossings'][number], b: WorkedRow['crossings'][number]): boolean =>
	JSON.stringify(a.crossing.over) === JSON.stringify(b.crossing.over);

/** The first row with what becomes of it, and how many others: `Row 4 crosses otherwise. Rows 6 and 8 change too.` */
export function changedInWords(changed: readonly RowChanged[]): string {
	const [first, ...others] = changed;
	if (!first) return '';
	const said = `Row ${first.number} ${first.what}.`;
	if (others.length === 0) return said;
	const named = others.slice(0, others.length > 4 ? 3 : 4).map((r) => String(r.number));
	if (others.length > named.length) named.push(`${others.length - named.length} others`);
	const last = named.pop()!;
	return `${said} ${named.length > 0 ? `Rows ${named.join(', ')} and ${last} change` : `Row ${last} changes`} too.`;
}
