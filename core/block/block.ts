/**
 * What a step is made of, whatever shows it: a page, a room, paper, a file. Pictures are drawn when they are
 * shown, in the colours of where that is; what cannot show a kind of block does not compile.
 */

import type { Craft, StepWords, Taken } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import type { Drawing, Light } from '../drawing/index.ts';
import type { AnyTrace } from '../handling/index.ts';
import type { Note, Swatch } from '../schema/index.ts';
import type { SwatchShown } from '../swatch/index.ts';

/** The colours of a picture. */
export interface Paint {
	readonly light: Light;
	/** Colour around it, where that is not the page's own. */
	readonly around?: string;
	/** Makes numbers and words larger, for pictures that are set small. */
	readonly textScale?: number;
}

export type Draw = (paint: Paint) => Drawing;

/** A term and what is said of it. */
export type Line = readonly [term: string, says: string];

export interface ComparedSide {
	readonly title: string;
	readonly says: string;
	readonly draw: Draw;
	/** A whole stage rather than a ribbon. */
	readonly wide: boolean;
	/** How it is made, to be walked through in step with the others; none where it is only looked at. */
	readonly moves?: {
		/** Pictures, one more than there are moves. */
		readonly frames: number;
		readonly says: (at: number) => StepWords;
		readonly draw: (at: number, paint: Paint) => Drawing;
	};
}

/** What is done, move by move; nothing where there are no moves. */
export const movesOf = (
	moves: Pick<NonNullable<ComparedSide['moves']>, 'frames' | 'says'> | undefined,
): readonly string[] => (moves ? Array.from({ length: moves.frames - 1 }, (_, i) => moves.says(i + 1).caption) : []);

/** A picture where it cannot be shown: what there is to say of it. */
export const photoSaid = (alt: string): string => `Picture${alt ? `: ${alt}` : ''}`;

/** The answers of questions, in one line: `1 B, 2 A`. */
export const answersSaid = (questions: readonly Pick<QuestionShown, 'answer'>[]): string =>
	`Answers: ${questions.map(({ answer }, i) => `${i + 1} ${answer}`).join(', ')}`;

/** One line that is worked: a row of a pattern, or what is done at a tool. */
export interface RowShown {
	/** What stands before it: `Rows 1 to 4`. */
	readonly label?: string;
	readonly text: string;
	/** Said between rows, with nothing to tick. */
	readonly isRemark?: true;
}

/** A question that a class answers together, or on paper. */
export interface QuestionShown {
	readonly asks: string;
	/** To be read with it. */
	readonly lines: readonly string[];
	/** To be seen with it, and what who does not see it is told instead. */
	readonly seen?: { readonly says: string; readonly draw: Draw };
	readonly options: readonly { readonly letter: string; readonly label: string; readonly draw?: Draw }[];
	/** The letter of the right one, and why. */
	readonly answer: string;
	readonly says: string;
}

interface Blocks {
	heading: { readonly text: string };
	/** A sentence of a glossary is set as patterns are. */
	text: { readonly text: string; readonly tone?: 'strong' | 'quiet' | 'sentence' };
	/** What was written by hand; `aside` where it is beside what is shown and for whoever shows it. */
	note: { readonly note: Note; readonly aside: boolean };
	/** With boxes to tick where they are. */
	list: { readonly items: readonly string[]; readonly ticks: boolean };
	/** A picture, small unless it is `large`, with what there is to know of it beside it. */
	picture: { readonly draw: Draw; readonly facts: readonly Line[]; readonly names: number; readonly large?: true };
	/** A picture that its teacher keeps, by its id, with its size. */
	photo: { readonly id: string; readonly width: number; readonly height: number; readonly alt: string };
	/** The moves of a way, numbered, each with its picture. */
	moves: {
		readonly title: string;
		readonly craft: Craft;
		readonly made: Crossing;
		readonly taken: Taken;
		readonly trace: AnyTrace;
		/** The move that tells most: after it the last strands have passed each other. */
		readonly key: number;
		/** Pictures, one more than there are moves: the first is before them. */
		readonly frames: number;
		readonly says: (at: number) => StepWords;
		readonly draw: (at: number, paint: Paint) => Drawing;
	};
	comparison: { readonly sides: readonly ComparedSide[] };
	chart: {
		readonly title: string;
		readonly swatch: Swatch;
		readonly shown: SwatchShown;
		/** All of it as one picture, which takes long where it is large. */
		readonly chart: Draw;
	};
	/** Rows to tick off, and their numbers to cross out where a pattern repeats some. */
	rows: { readonly rows: readonly RowShown[]; readonly counter: readonly number[] };
	/** Terms and what they mean; `names` where the terms are as patterns write them. */
	table: { readonly title?: string; readonly lines: readonly Line[]; readonly names: boolean };
	caution: { readonly text: string };
	/** Their answers stand apart, such as at the foot, upside down. */
	questions: { readonly questions: readonly QuestionShown[] };
}

export type BlockKind = keyof Blocks;

/** `paper`: to be read and kept, and left out where a whole room looks at it. */
export type Block<K extends BlockKind = BlockKind> = {
	[Kind in K]: { readonly kind: Kind; readonly paper?: true } & Blocks[Kind];
}[K];

/** A renderer of every kind of block; one that lacks a kind does not compile. */
export type Renderers<R> = { readonly [K in BlockKind]: (block: Block<K>) => R };

/** What a block comes to in a renderer. */
export const rendered = <R>(renderers: Renderers<R>, block: Block): R =>
	(renderers[block.kind] as (block: Block) => R)(block);
