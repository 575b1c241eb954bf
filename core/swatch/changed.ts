/** What a change of a swatch does to rows that it was not asked to touch. */

import type { Worked, WorkedRow } from './worked.ts';

export interface RowChanged {
	/** Its number before. */
	readonly number: number;
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
	const places = new Map<string, WorkedRow>();
	const nth = counter();
	for (const row of after.rows) places.set(nth(row.told), row);
	const again = counter();
	return before.rows.flatMap((row) => {
		const told = toldAfter(row.told);
		const occurrence = again(row.told).slice(String(row.told).length);
		if (told === undefined) return [];
		const now = places.get(`${told}${occurrence}`);
		const what = wider && now ? (row.ok && !now.ok ? CANNOT : undefined) : difference(row, now);
		return what ? [{ number: row.number, what }] : [];
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
	if (a.ok && !b.ok) return CANNOT;
	if (!a.ok) return undefined;
	if (a.side !== b.side) return `is worked on the ${b.side}`;
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

/** Rows at the front of a list, and how many more there are: `Row 4 crosses otherwise; rows 6 and 8 too`. */
export function changedInWords(changed: readonly RowChanged[]): string {
	const [first, ...others] = changed;
	if (!first) return '';
	const said = `Row ${first.number} ${first.what}`;
	if (others.length === 0) return `${said}.`;
	const named = others.slice(0, 3).map((r) => String(r.number));
	const more = others.length - named.length;
	const list =
		more > 0
			? `${named.join(', ')} and ${more} more`
			: named.length === 1
				? named[0]!
				: `${named.slice(0, -1).join(', ')} and ${named.at(-1)!}`;
	return `${said}; so ${others.length === 1 ? 'does row' : 'do rows'} ${list} change.`;
}
