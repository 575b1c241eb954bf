/** A craft tried with one's own hands: what they may do, in words, and where in the picture loops go. */

import type { Crossing, StitchNumber, Work } from '../crossing/index.ts';
import type { AnyMove, AnyState, AnyTrace, Offer } from '../handling/index.ts';

/** The needle that stitches wait on; the other one takes them once worked. Left for right-handed hands. */
export type WorkedOff = 'left' | 'right';

/** A part of the picture that loops are drawn to. */
export interface Zone {
	readonly target: string;
	/** The key that brings the chosen loops there. */
	readonly key: string;
	readonly title: string;
	readonly where: 'top' | 'bottom' | 'bottom-left' | 'bottom-right' | 'tip' | 'far';
}

/** Its methods are asked about states of the craft's own tool only. */
export interface ByHand {
	/** What is worked with: `Your needles`. */
	readonly title: string;
	/** What to do first, in a sentence. */
	readonly begins: string;
	/** What is done besides, in a heading. */
	readonly besides: string;
	/** Zones for loops that are drawn along; `tip` is where the first loop stands. */
	zones(workedOff: WorkedOff): readonly Zone[];
	/** The target of a place that carries one loop, counted from the first stitch; none where there are no such places. */
	placeTarget?(place: number): string;
	/** Which loops go along when one is pressed; none when it stays where it is. */
	runWith(state: AnyState, stitch: StitchNumber): readonly StitchNumber[];
	/** The loop that a number key means: the last of so many from the tip, or the one of that number. */
	numbered(state: AnyState, number: number): StitchNumber | undefined;
	isRun(state: AnyState, chosen: readonly StitchNumber[]): boolean;
	offers(state: AnyState, chosen: readonly StitchNumber[]): readonly Offer<AnyMove>[];
	says(moves: readonly AnyMove[], state: AnyState, workedOff: WorkedOff): string;
	/** The same before anything is cast on; none where hands do not begin there. */
	bare?(start: AnyState): AnyState;
	/** Moves that cast on what is still bare. */
	castOn?(state: AnyState): readonly AnyMove[];
	/** Moves that finish it as it stands. */
	rest(state: AnyState, work: readonly Work[]): readonly AnyMove[];
	/** A way on that a search finds; none where nothing searches. */
	wayFrom?(asked: Crossing, trace: AnyTrace): readonly AnyMove[] | undefined;
}
