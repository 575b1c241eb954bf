/**
 * The fabric of a swatch, row by row, as seen on the right side.
 *
 * Every row lists its stitches from the right to the left as seen on the right side, whichever side
 * it was worked on. Invariants: `from` of a stitch is a place in the row before, or -1 when it was
 * made; the crossings of a row lie apart and within it.
 */

import type { Crossing } from '../crossing/index.ts';
import type { RepeatLine, RowColour, RowLine, RowSide, SchoolId, StatedSchool } from '../notation/index.ts';
import type { Span } from '../result.ts';

export const SCOPES = ['pairs', 'facing', 'back'] as const;
/** What crossings of two layers cross: both as pairs, or one of them while the other stays. */
export type Scope = (typeof SCOPES)[number];

export type StitchFace = 'k' | 'p';
export type SwatchShape = 'flat' | 'round';

export const TWISTS = ['every', 'right-side'] as const;
export type Twist = (typeof TWISTS)[number];

export interface WorkedStitch {
	/** How it looks on the right side. */
	readonly face: StitchFace;
	/** What was done, as the worker writes it: `k`, `ptbl`, `k2tog`, `x` for a crossing, `cast-on`. */
	readonly how: string;
	/** Place of the stitch that it was worked into, in the row before; -1 when it was made from none. */
	readonly from: number;
	/** Further places, when several were worked together. */
	readonly also?: readonly number[];
	readonly twisted?: boolean;
	/** The yarn that it was worked with, where the text names yarns; a slipped stitch keeps its own. */
	readonly colour?: RowColour;
}

export interface WorkedCrossing extends Span {
	/** Place of its first stitch, from the right. */
	readonly at: number;
	/** As seen on the right side. */
	readonly crossing: Crossing;
	/** As the worker sees it, which is how it is named. */
	readonly asWorked: Crossing;
	readonly name: string;
	readonly by: SchoolId | 'glossary';
}

/** One thing that the text asks for, and the stitches that it made. */
export interface WorkedStep extends Span {
	/** Places in this row, from the right: `first` inclusive, `last` exclusive. */
	readonly first: number;
	readonly last: number;
}

/** A marker that the row itself places, slips or takes off; those that only pass along are in `markers`. */
export interface WorkedMark extends Span {
	/** Stitches of this row before it, from the right. */
	readonly at: number;
	readonly does: 'place' | 'slip' | 'remove';
}

export interface WorkedRow {
	/** Its number in the text; rows of a repeat count on. */
	readonly number: number;
	readonly side: RowSide;
	/** The yarn of the row; that of the row before where its line names none. */
	readonly colour?: RowColour;
	/** The line that tells how it is worked. */
	readonly line: RowLine;
	/** The number under which the line has it, where the row repeats an earlier one. */
	readonly told: number;
	readonly stitches: readonly WorkedStitch[];
	readonly crossings: readonly WorkedCrossing[];
	readonly steps: readonly WorkedStep[];
	/** Places that a marker stands before, counted from the right. */
	readonly markers: readonly number[];
	/** What the text does with markers, in the order of `stitches`. */
	readonly marks: readonly WorkedMark[];
	/** Whether it could be worked to its end; one that could not leaves the row before as it was. */
	readonly ok: boolean;
}

export interface RepeatShown {
	/** Rows by their place among the worked ones, from 0, both inclusive. */
	readonly first: number;
	readonly last: number;
	/** Times worked in all; `undefined` when the text leaves it open. */
	readonly times: number | undefined;
	/** The line that says so. */
	readonly line: RepeatLine;
}

export interface SwatchProblem extends Span {
	/** Row number; 0 when it belongs to no row. */
	readonly row: number;
	/** A row that cannot be worked, something that may be meant, or something to know. */
	readonly weight: 'error' | 'warning' | 'note';
	readonly reason: string;
	readonly what: string;
	readonly todo: string;
	/** Where in the row: the stitch, from the right, when it is at one. */
	readonly place?: number;
	readonly fixes?: readonly (Span & { readonly title: string; readonly text: string })[];
}

export interface Worked {
	readonly castOn: number;
	readonly shape: SwatchShape;
	readonly school: StatedSchool;
	/** The id of its craft. */
	readonly craft: string;
	/** Which rows of twisted work are twisted. */
	readonly twist: Twist;
	/** What the crossings of double-knitting cross. */
	readonly layers: Scope;
	readonly rows: readonly WorkedRow[];
	readonly repeats: readonly RepeatShown[];
	/** The lines of the text, whether or not their rows are worked. */
	readonly lines: readonly RowLine[];
	readonly repeatLines: readonly RepeatLine[];
	readonly problems: readonly SwatchProblem[];
	/** The most stitches that any row has, the cast-on included. */
	readonly widest: number;
}

/** Stitches on the needle before row `i` (from 0): those of the row before, or of the cast-on. */
export const countBefore = (worked: Worked, i: number): number => worked.rows[i - 1]?.stitches.length ?? worked.castOn;

/** Whether a stitch was moved to the other needle without being worked, and so keeps its yarn and its length. */
export const isSlipped = ({ how }: Pick<WorkedStitch, 'how'>): boolean => how === 'sl' || how === 'sl1yo';

/** Where a problem of a crossing stands. */
export const atCrossing = (
	row: WorkedRow,
	c: WorkedCrossing,
): Pick<SwatchProblem, 'row' | 'place' | 'from' | 'to'> => ({
	row: row.number,
	place: c.at,
	from: c.from,
	to: c.to,
});
