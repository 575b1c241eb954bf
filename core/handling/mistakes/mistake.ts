import { simulate, type Trace } from '../simulate.ts';
import type { Move } from '../moves.ts';

export const MISTAKE_IDS = [
	'wrong-side',
	'knitwise',
	'wrong-leg',
	'yarn-left',
	'yarn-round',
	'yarn-outside',
	'wrong-order',
	'lost',
	'split',
	'wrong-work',
] as const;
export type MistakeId = (typeof MISTAKE_IDS)[number];

/** A mistake of the hands: a change to a procedure, never a result. What shows is left to the simulation. */
export interface Mistake {
	readonly id: MistakeId;
	/** Completes "What if … ". */
	readonly title: string;
	/** How it comes about, in one sentence. */
	readonly how: string;
	/** The moves of a procedure with the mistake made, once for each place where it can be made. */
	readonly sites: (trace: Trace) => readonly Site[];
}

export interface Site {
	/** The move, from 1, at which it happens. */
	readonly at: number;
	readonly moves: readonly Move[];
}

export const movesIn = (trace: Trace): readonly Move[] => trace.steps.map((s) => s.move);

/** The places where hands can really make a mistake: the moves after it can still be done. */
export const sitesOf = (mistake: Mistake, trace: Trace): readonly Site[] =>
	mistake.sites(trace).filter(({ moves }) => !simulate(moves, trace.start).stopped);
