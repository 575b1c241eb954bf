/** What the rows of a swatch are to a craft: how crossings stand in them, what to look at, and how they are followed. */

import type { Crossing, Work } from '../crossing/index.ts';
import type { Cords, SwatchProblem, Twist, Worked, WorkedStitch } from '../worked/index.ts';

/** Where a group that waits is parked, the same all through a piece. */
export const PARKED = ['inside', 'outside'] as const;
export type ParkedIn = (typeof PARKED)[number];

/** How the tools of the class stand. */
export interface PlanFor {
	/** Where the group that waits is parked; inside when left out. */
	readonly order?: ParkedIn;
	/** The machine's number for the yarn. */
	readonly number?: number;
}

/** One thing that is done in a row, said aloud. */
export interface RowPart {
	readonly says: string;
	/** Stitches that it takes off the left needle; at a bed, those that it handles. */
	readonly takes: number;
	readonly crossing: boolean;
}

/** Settings that a swatch has in some crafts only. */
export type SwatchSetting = 'twist' | 'layers';

/** A row at the loom or the bed that is done, with those right after it that are done alike. */
export interface PlannedRows {
	readonly first: number;
	readonly last: number;
	readonly does: readonly string[];
	readonly crosses: boolean;
	/** Its place among the rows of the swatch, from 0. */
	readonly at: number;
}

/** How a swatch is set up and followed on a tool that stands before the worker. */
export interface OnTool {
	readonly title: string;
	/** Before the first row, a sentence each. */
	readonly setup: (worked: Worked, tools: PlanFor) => readonly string[];
	/** What is said of rows; `like` is the first that crosses just as these do. */
	readonly says: (rows: PlannedRows, like: PlannedRows | undefined) => string;
	readonly cautions: readonly string[];
	/** Where the group that waits may be parked, the same all through a piece. */
	readonly orders?: readonly ParkedIn[];
}

export interface InSwatch {
	readonly settings: readonly SwatchSetting[];
	/** What counts as one, where that is no stitch. */
	readonly one?: (worked: Worked) => string | undefined;
	/** What else to know of its chart, in a sentence. */
	readonly note?: (worked: Worked) => string | undefined;
	/** The way that crossings are held against; the first one when left out. */
	readonly way?: (worked: Worked) => string;
	/** What to look at besides what plain knitting asks. Linear in stitches. */
	readonly checks?: (worked: Worked, cords: Cords) => readonly SwatchProblem[];
	/** How the columns of a crossing are worked in a row, each by the face that stands under it. */
	readonly work?: (
		asked: Work,
		row: { readonly side: 'RS' | 'WS'; readonly twist: Twist; readonly face: 'k' | 'p' },
	) => Work;
	/** Whether a stitch is slipped besides those that say so, and keeps the yarn that it has. */
	readonly keepsYarn?: (stitch: WorkedStitch) => boolean;
	/** What a side shows, where that is not the fabric as it was worked. */
	readonly seen?: (worked: Worked, side: 'RS' | 'WS') => Worked;
	/** All that is done in row `i`, where it is not said stitch by stitch. */
	readonly row?: (worked: Worked, i: number, tools: PlanFor) => readonly RowPart[];
	/** What is done for a crossing after the first `before` columns, where no glossary says it. */
	readonly crossed?: (crossing: Crossing, before: number, tools: PlanFor) => string;
	readonly onTool?: OnTool;
}

/** In plain knitting rows are what they are. */
export const PLAIN_ROWS: InSwatch = { settings: [] };
