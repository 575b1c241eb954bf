/** What may have happened to a crossing, and what is known of it. */

import type { Craft, Performance } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import type { AnyTrace, Sign } from '../handling/index.ts';
import type { SchoolId } from '../notation/index.ts';
import type { Worked } from '../worked/index.ts';

/** A crossing that somebody works, and how. */
export interface Piece {
	readonly craft: Craft;
	/** As the hands make it, and the way that they go. */
	readonly made: Crossing;
	/** As the fabric shows it; as it is made where left out. */
	readonly fabric?: Crossing | undefined;
	readonly way: string;
	readonly right: Performance;
	/** As the pattern names it, and how the name is read; none where it has no name. */
	readonly name?: { readonly text: string; readonly school: SchoolId } | undefined;
	/** Whole rows worked since; left out where nobody knows yet. */
	readonly rows?: number | undefined;
}

export interface Cause {
	readonly title: string;
	readonly how: string;
	/** What came of it; undefined where the fabric is as it should be, or where it takes several rows to show. */
	readonly trace?: AnyTrace;
	/** The rows that it takes to show, as they were meant and as they came out. */
	readonly rows?: { readonly meant: Worked; readonly yours: Worked };
	/** What else shows. */
	readonly alsoShows: readonly Sign[];
	/** What to do, step by step. */
	readonly fix: readonly string[];
	/** Stitches to be worked again: stitches × rows; undefined where none are. */
	readonly cost?: number;
}
