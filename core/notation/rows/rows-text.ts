/** What is read of a text of rows. Nothing of it is dropped: what is not understood is a problem, what says nothing to hands is listed. */

import type { Span } from '../../result.ts';
import type { Glossary } from '../glossary.ts';
import type { Item, RowProblem } from './items.ts';

export type RowSide = 'RS' | 'WS';

/** Which of two yarns a row is worked with. */
export type RowColour = 'A' | 'B';

/** A line with the instructions of one or more rows. */
export interface RowLine extends Span {
	/** Row numbers, from 1, in the order in which they are written. */
	readonly numbers: readonly number[];
	/** The line is for every so many rows further on as well, up to the last one that is named. */
	readonly each?: number;
	/** Set for “all WS rows” and the like: every row of that side that no other line is for. */
	readonly every?: RowSide | 'any';
	/** The side that the line states. */
	readonly side?: RowSide;
	/** The yarn that the label names, as in `Row 3 (B)` or `Row 3 (RS, B)`. */
	readonly colour?: RowColour;
	readonly label?: Span;
	/** How many stitches the line says that there are behind it. */
	readonly count?: Span & { readonly stitches: number };
	/** The label calls it a round. */
	readonly isRound?: true;
	/** The instructions. */
	readonly body: Span;
	readonly items: readonly Item[];
}

/** “rep rows 1-8”, with how often they are worked again. */
export interface RepeatLine extends Span {
	readonly first: number;
	readonly last: number;
	/** Times that they are worked again; `undefined` when the line leaves it open. */
	readonly again: number | undefined;
	/** The row, or the side of the row, that it is to end with, where the line says one. */
	readonly endsWith?: number | RowSide;
}

export interface RowsText {
	readonly rows: readonly RowLine[];
	readonly repeats: readonly RepeatLine[];
	/** What a line such as “Cast on 14 sts” says. */
	readonly castOn?: Span & { readonly stitches: number };
	/** What a line such as “Join in the round” says, or a label such as “Rnd 1:”. */
	readonly shape?: Span & { readonly shape: 'flat' | 'round' };
	readonly bindOff?: Span;
	/** The text's own glossary lines before the ones that were handed in. */
	readonly glossary: Glossary;
	readonly problems: readonly RowProblem[];
	/** What was read past, and what it says: lines about the piece, and words that say nothing to hands. */
	readonly past: readonly (Span & { readonly said: string })[];
}
