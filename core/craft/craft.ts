/**
 * The seam between the model and a way of making fabric. Everything above it
 * (stage, lessons, print) speaks to a craft through this interface and never
 * asks which one it is. A craft is one folder beside this file.
 */

import type { Crossing } from '../crossing/index.ts';
import type { HandState, Move, Trace } from '../handling/index.ts';
import type { Result } from '../result.ts';

export interface Way {
	readonly id: string;
	readonly title: string;
	/** When to choose it, in one sentence. */
	readonly when: string;
	/** What to watch for, when there is something. */
	readonly caution?: string;
}

export interface StepWords {
	/** A whole sentence for the caption. */
	readonly caption: string;
	/** Two or three words for the strip of moves. */
	readonly label: string;
}

export interface Slip {
	readonly id: string;
	/** Completes "What if it were …". */
	readonly title: string;
}

export interface Craft {
	readonly id: string;
	readonly title: string;
	/** Most preferred first. */
	readonly ways: readonly Way[];
	/** The hands before the first move, facing the stitches of this crossing. */
	readonly start: (crossing: Crossing) => HandState;
	/** The moves of a way; a problem when the way does not make this crossing. */
	readonly plan: (crossing: Crossing, way: string) => Result<readonly Move[]>;
	readonly simulate: (moves: readonly Move[], start: HandState) => Trace;
	/** Words for the state after `step` moves; step 0 is before the first. */
	readonly words: (trace: Trace, step: number) => StepWords;
	/** Mistakes that can be made on purpose, as changes to the moves. */
	readonly slips: readonly Slip[];
	readonly slipInto: (moves: readonly Move[], slip: string) => readonly Move[];
}
