/** A question, how it is answered, and what is said to the answer. */

import type { Demonstrated, Demonstration } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import type { SchoolId } from '../notation/index.ts';
import type { SkillId } from '../skill/index.ts';
import type { SwatchText } from '../swatch/index.ts';
import type { Chance } from './chance.ts';

/** What is seen with a question: fabric from one of its sides, or lines to read. */
export type QuestionPicture =
	| { readonly kind: 'fabric'; readonly crossing: Crossing; readonly side: 'RS' | 'WS' }
	| { readonly kind: 'lines'; readonly lines: readonly string[] }
	/** A chart with a mark at one of its rows; `says` is what who cannot see it is told, and as hard. */
	| {
			readonly kind: 'chart';
			readonly swatch: SwatchText;
			readonly row: number;
			/** Left hands make it: turned left to right. */
			readonly mirrored: boolean;
			readonly says: string;
	  };

export interface Option {
	readonly id: string;
	/** Shown, unless there is a picture; and what who cannot see the picture is told instead. */
	readonly label: string;
	readonly picture?: Crossing;
}

export interface Question {
	readonly asks: string;
	readonly shows?: QuestionPicture;
	readonly options: readonly Option[];
	/** All of the options are put in an order; one is chosen when left out. */
	readonly inOrder?: true;
	/** Done with hands on these stitches instead of chosen: the answer is the moves, each as JSON. */
	readonly byHand?: Demonstrated;
}

export interface Verdict {
	readonly right: boolean;
	/** Why, in a sentence or two. */
	readonly says: string;
	/** Right in another school than the one asked: counted as right, and told. */
	readonly elsewhere?: SchoolId;
	/** What was asked, and what the answer given would have made. */
	readonly asked?: Crossing;
	readonly given?: Crossing;
}

/** What is practised with: crossings by the names of a school. */
export interface Deck {
	readonly school: SchoolId;
	readonly crossings: readonly Crossing[];
	/** Whose hands do it, where something is done; right ones when left out. */
	readonly hands?: Demonstration;
}

/** One kind of question. `make` gives what the judge goes by; a deck that has nothing for it gives none. */
export interface Drill<About = unknown> {
	readonly id: string;
	readonly title: string;
	readonly skill: SkillId;
	/** Answered by one alone, such as with hands. */
	readonly isAlone?: true;
	/** About what hands do with needles and yarn: not asked of somebody at a loom or a machine. */
	readonly isOfHands?: true;
	readonly make: (deck: Deck, by: Chance) => About | undefined;
	readonly question: (about: About) => Question;
	/** By the model: what is right is worked out, never looked up. `answer`: an option, all of them in an order, or moves. May throw where these cannot be done. */
	readonly judge: (about: About, answer: readonly string[]) => Verdict;
}

/** A drill as it stands, with the type of what it asks about kept to itself. */
export const drill = <About>(told: Drill<About>): Drill => told as unknown as Drill;
