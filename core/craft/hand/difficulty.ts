/**
 * How tight a crossing sits in the fabric, by the one number of strain; and, apart from it, what a way asks of the
 * hands on top.
 */

import { travelsOf, type Crossing } from '../../crossing/index.ts';
import {
	isBrittle,
	rowsAssumed,
	strainOf,
	strainVerdict,
	type Fibre,
	type HandTension,
	type StrainVerdict,
} from '../../fabric/index.ts';
import { WAYS } from './ways/index.ts';

export interface YarnAndRows {
	readonly fibre?: Fibre;
	readonly tension?: HandTension;
	/** Rows since each strand last went as far, or in the repeat; twice its travel when left out. */
	readonly rows?: number;
	/** The id of a way; one that loads the hands no further when left out. */
	readonly way?: string;
	/** Holders that are really used, where that is known of a way. */
	readonly holders?: number;
}

export interface Difficulty {
	/** Stitches that the strand that is pulled most goes sideways. */
	readonly reach: number;
	/** Strand needed ÷ strand at hand, whatever the hands do. */
	readonly strain: number;
	readonly verdict: StrainVerdict;
	/** What went into it, as short phrases. */
	readonly because: readonly string[];
	/** What the way asks of the hands on top: how many verdicts worse it feels, and why. Assumed. */
	readonly hands: { readonly steps: number; readonly because: readonly string[] };
}

/** Without a holder: comfortable to 4 stitches, 5 and 6 with care, 8 for the bold. */
const withoutHolder = (n: number): number => (n <= 4 ? 0 : n <= 6 ? 1 : n <= 8 ? 2 : 3);

/** At the assumed gauge. For the same rows wider is never easier, and more rows are never tighter. */
export function difficulty(c: Crossing, given: YarnAndRows = {}): Difficulty {
	const { fibre = 'wool', tension = 'usual', rows } = given;
	const strains = travelsOf(c).map(({ sideways, pulls }) => ({
		reach: sideways,
		isHalf: pulls < sideways,
		strain: strainOf({ travel: pulls, rows: rows ?? rowsAssumed(pulls), fibre, tension }),
	}));
	const still = { reach: 0, isHalf: false, strain: 1 };
	const { reach, isHalf, strain } = strains.reduce(
		(most, one) => (one.strain > most.strain ? one : most),
		strains[0] ?? still,
	);
	const holders = given.holders ?? WAYS.find((w) => w.id === given.way)?.holders;
	return {
		reach,
		strain,
		verdict: strainVerdict(strain),
		because: [
			`a strand goes ${reach} ${reach === 1 ? 'stitch' : 'stitches'} sideways${isHalf ? ', purled, so that half of it counts' : ''}`,
			...(fibre === 'wool' ? [] : [isBrittle(fibre) ? `${fibre} does not give` : `${fibre} gives little`]),
			...(tension === 'usual' ? [] : [`${tension} tension`]),
			...(rows === undefined ? [] : [`a repeat of ${rows} rows for ${c.n} stitches`]),
		],
		hands: {
			steps: (holders === 0 ? withoutHolder(c.n) : 0) + (holders === 2 ? 0.5 : 0),
			because: [
				...(holders === 0 && c.n > 4
					? [
							`${c.n} stitches without a cable needle, ${c.n <= 6 ? 'with care' : c.n <= 8 ? 'with practice' : 'more than hands keep'}`,
						]
					: []),
				...(holders === 2 ? ['two cable needles to keep apart'] : []),
			],
		},
	};
}
