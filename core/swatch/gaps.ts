/**
 * Gaps beside cords. A purl takes more yarn than a knit, and the first purl after a knit takes most, so the edge
 * of a cord gapes. The cure is to wrap that purl the short way: it sits turned, and is worked through the back
 * loop in the row after. Source: common practice.
 */

import type { FIRST_PURLS, TURNED_PURLS } from '../handling/index.ts';
import type { Cords, Worked } from '../worked/index.ts';

/** What a teacher does about it. */
export interface GapCure {
	readonly firstPurl: (typeof FIRST_PURLS)[number];
	readonly turnedPurl: (typeof TURNED_PURLS)[number];
}

/** A first purl after a cord, where a gap opens, and the row in which its cure is finished. */
export interface GapMark {
	readonly row: number;
	readonly column: number;
	/** Place of the next row, in which the turned stitch is worked through its leading leg; none after the last. */
	readonly partner: number | undefined;
}

/** Every first purl after a cord in the rows that are worked on the RS; on the WS as well where both are asked for. Linear in stitches. */
export function gapsOf(worked: Worked, cords: Cords, on: 'RS' | 'both' = 'RS'): readonly GapMark[] {
	return worked.rows.flatMap((row, i): GapMark[] => {
		if (!row.ok || (row.side !== 'RS' && on !== 'both')) return [];
		const isCord = (column: number): boolean => cords.cordOf[cords.strands[i + 1]![column]!]! >= 0;
		const partner = i + 1 < worked.rows.length ? i + 1 : undefined;
		return row.stitches.flatMap((s, column): GapMark[] => {
			// What is knit on the RS was purled on the WS, coming from the other edge.
			const opens =
				row.side === 'RS'
					? column > 0 && s.face === 'p' && isCord(column - 1) && !isCord(column)
					: column + 1 < row.stitches.length && s.face === 'k' && isCord(column) && !isCord(column + 1);
			return opens ? [{ row: i, column, partner }] : [];
		});
	});
}

/** The gaps that a teacher cures in a swatch; none where they work that purl as any other. */
export const curedIn = (worked: Worked, cords: Cords, { firstPurl }: GapCure): readonly GapMark[] =>
	firstPurl === 'usual' ? [] : gapsOf(worked, cords, firstPurl === 'short' ? 'RS' : 'both');

/** What is done about them, in words for a sheet. */
export const cureSaid = ({ firstPurl, turnedPurl }: GapCure, sides: { readonly right: string }): string =>
	`First purl after a cable: lay the yarn round the needle the short way, ${firstPurl === 'short-both' ? 'in every row' : `in ${sides.right} rows`}. It sits turned; in the row after ${turnedPurl === 'untwist' ? 'work that stitch through the back loop' : 'work it as it sits, and it stays twisted'}.`;
