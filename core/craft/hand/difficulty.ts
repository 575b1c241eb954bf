/**
 * How tight a crossing sits and how hard it is on the hands: a first number, from reach, way and yarn.
 *
 * One verdict is one step of the number. The steps are house defaults (mid gauge, smooth wool, a repeat
 * of as many rows as the crossing has stitches: 1/1 and 2/2 easy, 3/3 snug, 4/4 tight, 5/5 and wider
 * very tight; stiff fibre one worse; loose tension or more rows one better), and are assumed, not measured.
 */

import type { Crossing } from '../../crossing/index.ts';
import { WAYS } from './ways/index.ts';
import { STIFF, type Fibre } from '../../fabric/index.ts';

export const VERDICTS = ['easy', 'snug', 'tight', 'very tight'] as const;
export type Verdict = (typeof VERDICTS)[number];

export type Tension = 'tight' | 'usual' | 'loose';

export interface YarnAndRows {
	readonly fibre?: Fibre;
	readonly tension?: Tension;
	/** Rows in the repeat, the crossing row included; as many as stitches when left out. */
	readonly rows?: number;
	/** The id of a way; one that loads the hands no further when left out. */
	readonly way?: string;
	/** Holders that are really used, where that is known of a way. */
	readonly holders?: number;
}

export interface Difficulty {
	/** How far the strand that moves furthest goes sideways, in stitches. */
	readonly reach: number;
	/** In steps of one verdict; how tight the fabric sits, whatever the hands do. */
	readonly tightness: number;
	/** The same with what the way asks of the hands. */
	readonly number: number;
	readonly verdict: Verdict;
	/** What went into it, as short phrases. */
	readonly because: readonly string[];
}

/** The widest pass that still is easy, and the narrowest that is very tight. */
const EASY = 2;
const VERY_TIGHT = 5;
/** Beyond that each stitch adds little: the longer repeat of a wider crossing lends slack as well. */
const BEYOND = 0.05;

/** From a number to the verdict: half a step to either side of 2, 3, 4 and 5. */
const verdictOf = (number: number): Verdict => VERDICTS[Math.min(3, Math.max(0, Math.round(number - EASY)))]!;

const TENSION: Readonly<Record<Tension, number>> = { tight: 1, usual: 0, loose: -1 };

/** Two rows more or fewer than the stitches are one step, at most one step better and two worse. */
const forRows = (rows: number, n: number): number => -Math.min(1, Math.max(-2, (rows - n) / 2));

/** Without a holder: comfortable to 4 stitches, 5 and 6 with care, 8 for the bold. */
const withoutHolder = (n: number): number => (n <= 4 ? 0 : n <= 6 ? 1 : n <= 8 ? 2 : 3);

/** Wider is never easier, and more rows are never tighter. */
export function difficulty(c: Crossing, given: YarnAndRows = {}): Difficulty {
	const { fibre = 'wool', tension = 'usual', rows = c.n } = given;
	const reach = Math.max(0, ...c.order.map((s, i) => Math.abs(s - (i + 1))));
	const width = reach > VERY_TIGHT ? VERY_TIGHT + (reach - VERY_TIGHT) * BEYOND : Math.max(EASY, reach);
	const tightness = width + STIFF[fibre] + TENSION[tension] + forRows(rows, c.n);
	const holders = given.holders ?? WAYS.find((w) => w.id === given.way)?.holders;
	const hands = (holders === 0 ? withoutHolder(c.n) : 0) + (holders === 2 ? 0.5 : 0);
	const number = tightness + hands;
	return {
		reach,
		tightness,
		number,
		verdict: verdictOf(number),
		because: [
			`a strand goes ${reach} ${reach === 1 ? 'stitch' : 'stitches'} sideways`,
			...(fibre === 'wool' ? [] : [STIFF[fibre] < 1 ? `${fibre} gives little` : `${fibre} does not give`]),
			...(tension === 'usual' ? [] : [`${tension} tension`]),
			...(rows === c.n ? [] : [`a repeat of ${rows} rows for ${c.n} stitches`]),
			...(holders === 0 && c.n > 4 ? [`${c.n} stitches without a holder`] : []),
			...(holders === 2 ? ['two holders to keep apart'] : []),
		],
	};
}
