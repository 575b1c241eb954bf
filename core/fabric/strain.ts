/**
 * How far a crossing is pulled: strand needed ÷ strand at hand,
 * √((d·w)² + h²) ÷ (h·(1 + s·min(m, 12))), the largest over its strands: d stitches of sideways travel of a strand, w and h
 * the gauge's stitch and row, m rows since that strand last went at least as far, s the slack that a row lends. One number
 * for needles, loom and bed. Wider is never easier, more rows never tighter. A 3/3 in mid wool (w 5 mm, h 3.57 mm), where
 * nothing is known of the rows below: d 3, m 6, √(15² + 3.57²) ÷ (3.57 · 2.5) = 1.73, snug.
 */

import type { Fibre } from './fibres.ts';
import { ASSUMED_GAUGE, cellOf, type Gauge } from './gauge.ts';

export const TENSIONS_OF_HAND = ['tight', 'usual', 'loose'] as const;
/** How tight a hand knits. */
export type HandTension = (typeof TENSIONS_OF_HAND)[number];

/** Slack that a row between lends, as a part of its height: assumed. */
const SLACK = 0.25;
const BY_FIBRE: Readonly<Record<Fibre, number>> = { wool: 0, synthetic: -0.015, cotton: -0.03, linen: -0.03 };
const BY_HAND: Readonly<Record<HandTension, number>> = { usual: 0, loose: 0.05, tight: -0.03 };
/** Rows beyond which no more slack is lent. */
export const MOST_ROWS_LEND = 12;

/** Rows that a strand is taken to have had where nothing is known of them: twice its travel. Assumed. */
export const rowsAssumed = (travel: number): number => 2 * travel;

export interface Pulled {
	/** Stitches of sideways travel of a strand. */
	readonly travel: number;
	/** Rows since that strand last went at least as far. */
	readonly rows: number;
	readonly gauge?: Pick<Gauge, 'stitches' | 'rows'>;
	readonly fibre?: Fibre;
	readonly tension?: HandTension;
}

export function strainOf({ travel, rows, gauge = ASSUMED_GAUGE, fibre = 'wool', tension = 'usual' }: Pulled): number {
	const { w, h } = cellOf(gauge);
	const slack = SLACK + BY_FIBRE[fibre] + BY_HAND[tension];
	return Math.hypot(travel * w, h) / (h * (1 + slack * Math.min(rows, MOST_ROWS_LEND)));
}

export const STRAIN_VERDICTS = ['easy', 'snug', 'tight', 'very tight'] as const;
export type StrainVerdict = (typeof STRAIN_VERDICTS)[number];

/** The strain up to which each verdict goes; very tight has no end. Assumed. */
export const STRAIN_UP_TO: readonly number[] = [1.55, 1.8, 1.95];

export const strainVerdict = (strain: number): StrainVerdict =>
	STRAIN_VERDICTS[STRAIN_UP_TO.findIndex((most) => strain <= most)] ?? 'very tight';

/** Worse than snug: to be warned of, never refused. */
export const isTight = (verdict: StrainVerdict): boolean => verdict === 'tight' || verdict === 'very tight';

/** The fewest rows with which a strain is no worse than a verdict; undefined where no number of rows does it. */
export function rowsUntil(
	verdict: Exclude<StrainVerdict, 'very tight'>,
	pulled: Omit<Pulled, 'rows'>,
): number | undefined {
	const most = STRAIN_UP_TO[STRAIN_VERDICTS.indexOf(verdict)]!;
	for (let rows = 1; rows <= MOST_ROWS_LEND; rows++) if (strainOf({ ...pulled, rows }) <= most) return rows;
	return undefined;
}
