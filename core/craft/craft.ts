/**
 * The seam between the model and a way of making fabric. Everything above it
 * (stage, lessons, print) speaks to a craft through this interface and never
 * asks which one it is. A craft is one folder beside this file.
 */

import type { Crossing } from '../crossing/index.ts';
import type { HandState, Mistake, Move, Trace } from '../handling/index.ts';
import type { Result } from '../result.ts';

export interface Way {
	readonly id: string;
	readonly title: string;
	/** When to choose it, in one sentence. */
	readonly when: string;
	/** Which crossings it makes, and what it needs. */
	readonly applies: string;
	readonly needs: string;
	/** How many holders it needs. */
	readonly holders: number;
	/** What to watch for, when there is something. */
	readonly caution?: string;
}

/** The needle that stitches wait on; the other one takes them once worked. Left for right-handed hands. */
export type WorkedOff = 'left' | 'right';

export interface StepWords {
	/** A whole sentence for the caption. */
	readonly caption: string;
	/** Two or three words for the strip of moves. */
	readonly label: string;
}

/** The pair of hands that is spoken to. */
export interface Hands {
	readonly workedOff: WorkedOff;
	/** The hand that holds the working yarn. */
	readonly yarnHand: 'right' | 'left';
}

/** What a way makes instead of the crossing asked for, said before anybody starts. */
export interface Deviation {
	readonly makes: Crossing;
	readonly says: string;
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
	/** What the way makes instead, where it cannot make exactly this crossing. */
	readonly deviation: (crossing: Crossing, way: string) => Deviation | undefined;
	/** Words for the state after `step` moves, for right-handed hands unless it says otherwise; step 0 is before the first. */
	readonly words: (trace: Trace, step: number, hands?: Partial<Hands>) => StepWords;
	/** Mistakes that can be made on purpose, and looked for. */
	readonly mistakes: readonly Mistake[];
}
