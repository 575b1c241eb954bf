/**
 * The seam between the model and a way of making fabric. Everything above it
 * (stage, lessons, print) speaks to a craft through this interface and never
 * asks which one it is. A craft is one folder beside this file.
 *
 * What speaks of a procedure is a method: a craft is only asked about procedures on its own tool, which
 * is where they come from.
 */

import type { Crossing } from '../crossing/index.ts';
import type {
	HolderShape,
	AnyMove,
	AnySimulated,
	AnyState,
	AnyTrace,
	Mistake,
	HandlingOutcome,
	RowsBelow,
	SideSeen,
	SignId,
} from '../handling/index.ts';
import type { Result } from '../result.ts';
import type { SkillId } from '../skill/index.ts';
import type { ByHand, WorkedOff } from './by-hand.ts';
import type { InSwatch } from './in-swatch.ts';
import type { ClassTools, KitNeed } from './kit.ts';

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

export type { WorkedOff };

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
	/** What stitches wait on; a hook has two ends that are not alike. */
	readonly holder?: HolderShape;
}

/** What a way makes instead of the crossing asked for, said before anybody starts. */
export interface Deviation {
	readonly makes: Crossing;
	readonly says: string;
}

/** What a crossing of columns is to a craft. */
export interface Taken {
	/** The crossing of the loops as they stand on the needle: hands, simulation and proof speak of these. */
	readonly loops: Crossing;
	/** What each loop is called; its number when left out. */
	readonly names?: readonly string[];
	/** The cord of each loop, from 0, and -1 for what stays behind them; by how the loops move when left out. */
	readonly cords?: readonly number[];
	/** Two where both yarns are worked with at once. */
	readonly yarns?: 2;
	/** How the rows under each loop were made; plain when left out. */
	readonly below?: readonly RowsBelow[];
	/** What comes out, on each face that is looked at, numbered from the right of that face. */
	readonly faces: readonly ShownFace[];
	/** What is done with a group, in a few words, where it is not holding it in front or at the back. */
	readonly does?: string;
	/** How many times its length a long stitch is pulled to, and the most that goes; strain says nothing of it then. */
	readonly stretch?: { readonly times: number; readonly most: number };
	/** What is done otherwise than in plain knitting, and what is lost, in whole sentences. */
	readonly changes: readonly string[];
	readonly lost: readonly string[];
}

export interface ShownFace {
	readonly title: string;
	readonly crossing: Crossing;
	/** The cord of each of its stitches, where purl is not to be taken for ground. */
	readonly cords?: readonly number[];
}

/** Something wrong that the crossing of the loops alone does not tell. */
export interface Fault {
	readonly sign: SignId;
	readonly stitches: readonly number[];
	readonly says: string;
}

export interface Shows {
	readonly asked: Crossing;
	readonly outcome: HandlingOutcome;
}

export interface Craft {
	readonly id: string;
	readonly title: string;
	/** What sort of fabric it makes, in one sentence. */
	readonly says: string;
	/** Where a swatch is followed row by row: `At the needles`. */
	readonly place: string;
	/** What a group waits on or is moved with, called one and several. */
	readonly tool: readonly [one: string, several: string];
	/** What a run stitch is worked up with; a crochet hook when left out. */
	readonly hook?: string;
	/** Skills that it takes besides those of its crossings. */
	readonly teaches: readonly SkillId[];
	/** Whether the knit and purl of a crossing's columns are the craft's own, so that no cord of it travels over purl ground. */
	readonly hasOwnColumns?: true;
	/** Whether no loop may hang loose, whatever a search is allowed. */
	readonly holdsAll?: true;
	/** What a class brings for it besides yarn and what hands always need. */
	readonly kit: (asked: { readonly learners: number; readonly columns: number }) => readonly KitNeed[];
	/** The same on the tools of a class; the tools that are usual when left out. */
	readonly withTools?: (tools: ClassTools) => Craft;
	/** What a way does that a whole project keeps to, in words; nothing where ways may be mixed. */
	readonly keepsTo?: (way: string) => string;
	/** What rows of a swatch are to it. */
	readonly inSwatch: InSwatch;
	/** Whether the glossary sentence of its loops tells what is done; units and pairs have no such sentence. */
	readonly hasSentence: boolean;
	/** Words by which a sentence tells that it is said of this craft; none where it may be of any. */
	readonly speaks?: RegExp;
	/** Whether left-handed hands make it mirrored; a loom or a bed stands as it stands. */
	readonly isHanded: boolean;
	/** What a crossing is here, done this way. A problem beyond the craft's limits gives the reason and what fits. */
	readonly takes: (crossing: Crossing, way: string) => Result<Taken>;
	/** Of what this craft does not take, the nearest crossing that it does, with the same lean. */
	readonly nearest: (crossing: Crossing) => Crossing | undefined;
	/** What this craft adds to the proof; `undefined` when all is well. */
	fault?(taken: Taken, trace: AnyTrace): Fault | undefined;
	/** What one face shows of a procedure, where that is not all of it: as asked, and as made. */
	shows?(taken: Taken, trace: AnyTrace, face: SideSeen): Shows;
	/** Most preferred first. */
	readonly ways: readonly Way[];
	/** What its moves are run on. */
	readonly on: AnySimulated;
	/** The tool before the first move, carrying the loops of what was taken. */
	readonly start: (taken: Taken, crossing: Crossing, way: string) => AnyState;
	/** The moves of a way for what was taken; a problem when the way does not make this crossing. */
	readonly plan: (taken: Taken, crossing: Crossing, way: string) => Result<readonly AnyMove[]>;
	/** What the way makes instead, where it cannot make exactly this crossing. */
	readonly deviation: (crossing: Crossing, way: string) => Deviation | undefined;
	/**
	 * Words for the state after `step` moves, for right-handed hands unless it says otherwise; step 0 is before the first.
	 * With `since`, for a run of like moves (`likeMoves`) after that step, said at once.
	 */
	words(trace: AnyTrace, step: number, hands?: Partial<Hands>, since?: number): StepWords;
	/** How it is tried with one's own hands; none where it is only shown. */
	readonly byHand?: ByHand;
	/** Mistakes that can be made on purpose, and looked for. */
	readonly mistakes: readonly Mistake[];
}
