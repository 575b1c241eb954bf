/** How fast a class knits: assumed until a teacher's own figures replace it. */

import type { Level } from '../skill/index.ts';

export interface Pace {
	/** Plain stitches in a minute. */
	readonly stitches: number;
	/** Seconds for one crossing with a holder. */
	readonly crossing: number;
	/** What a crossing without a holder takes, as a factor. */
	readonly withoutHolder: number;
}

/** Assumed: house defaults for a class. */
export const PACES: Readonly<Record<Level, Pace>> = {
	beginner: { stitches: 12, crossing: 60, withoutHolder: 1.5 },
	improver: { stitches: 22, crossing: 30, withoutHolder: 1.5 },
	practised: { stitches: 35, crossing: 12, withoutHolder: 0.8 },
};

/** Minutes to the half. */
export const half = (minutes: number): number => Math.round(minutes * 2) / 2;
