/** What everything else asks of a kind of step. A kind is one file beside this one, and a line in `kinds.ts`. */

import type { z } from 'zod';
import type { Block } from '../block/index.ts';
import type { CraftId, KitNeed } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import type { Language } from '../language/index.ts';
import type { SchoolId } from '../notation/index.ts';
import type { HouseStyle, Swatch } from '../schema/index.ts';
import type { SkillId } from '../skill/index.ts';
import type { Material } from '../swatch/index.ts';
import type { Pace } from './pace.ts';

/** Whom a step is shown to: in which hands, with which tools, and by which names. */
export interface StepAudience {
	readonly style: HouseStyle;
	/** The names of one school alone; of all when left out. */
	readonly school?: SchoolId | undefined;
	/** Where its readers work; at the needles when left out. */
	readonly at?: CraftId | undefined;
	/** The language in which rows stand once more, beside the English ones. */
	readonly beside?: Language | undefined;
	/** Places at which others in the room do the same, shown after it. */
	readonly also?: readonly CraftId[] | undefined;
}

/** A crossing that a step is about. */
export interface ShownCrossing {
	readonly asked: { readonly text: string; readonly school: SchoolId };
	readonly crossing: Crossing;
	readonly craft: string;
	readonly way: string;
	/** Made wrong on purpose. */
	readonly mistake?: string | undefined;
}

/** What a step makes a class bring. */
export interface StepKit {
	/** Loops that each learner knits. */
	readonly loops?: number;
	/** What they are made of; yarn of an assumed gauge when left out. */
	readonly material?: Material;
	/** Tried on a strip of its own, two to a strip. */
	readonly isTried?: boolean;
	/** Crafts, each with the columns that its tool must hold. */
	readonly crafts?: readonly { readonly craft: string; readonly columns: number }[];
	readonly holders?: number;
	readonly markers?: number;
	/** Yarns that its rows name; one when left out. */
	readonly yarns?: number;
	/** Needed once, however many steps need it. */
	readonly things?: (learners: number) => readonly KitNeed[];
}

/** `glossary`: the teacher's own names, by which rows may be written. */
export interface Kind<S extends { readonly kind: string }> {
	readonly kind: S['kind'];
	/** What it is called where one is added. */
	readonly title: string;
	readonly schema: z.ZodType<S>;
	/** A new one; left out where it comes with what it shows. */
	readonly empty?: (id: string) => S;
	/** A new one, begun from a lesson that has these crossings already; as it is when left out. */
	readonly begun?: (step: S, of: { readonly crossings: readonly Crossing[]; readonly school: SchoolId }) => S;
	/** What the place for its note asks for. */
	readonly asks: string;
	/** What one step is called in a list, as the hands of a style make it where one is given; the title of its kind when left out. */
	readonly titleOf?: (step: S, style?: HouseStyle) => string;
	/** Whether what is written is the step, and not beside it. */
	readonly isWritten?: true;
	/** Whether it stands without a title, as what is written in it is all of it. */
	readonly isUntitled?: true;
	/** Minutes, reckoned; the teacher's own go before it. */
	readonly minutes: (step: S, pace: Pace, glossary: string) => number;
	/** Whether hands are at work, rest, or do something short between. */
	readonly hands: 'work' | 'rest' | 'between';
	/** Skills that it shows, so that later ones may stand on them; none when left out. */
	readonly teaches?: (step: S, glossary: string) => readonly SkillId[];
	/** Skills that it is an exercise in: what these stand on, it asks for. */
	readonly practises?: (step: S, glossary: string) => readonly SkillId[];
	readonly crossings?: (step: S) => readonly ShownCrossing[];
	/** The swatch that it is worked from. */
	readonly swatch?: (step: S) => Swatch;
	readonly kit?: (step: S, glossary: string) => StepKit;
	/** The step as it is done at a tool; undefined where it is only done by hand. The same everywhere when left out. */
	readonly doneAt?: (step: S, place: CraftId, style: HouseStyle) => S | undefined;
	/** What is seen of it among the steps of a lesson, besides what is written. */
	readonly glance?: (step: S, shown: StepAudience) => readonly Block[];
	/** All of it but its title. */
	readonly body: (step: S, shown: StepAudience) => readonly Block[];
	/** Whether working it out takes long, so that no page of a server waits for it. */
	readonly isLong?: (step: S) => boolean;
}

/** A kind as it stands, with the literal of its name. */
export const kind = <S extends { readonly kind: string }>(told: Kind<S>): Kind<S> => told;
