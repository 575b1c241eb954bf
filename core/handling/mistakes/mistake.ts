import type { Move } from '../moves.ts';
import { simulate, type AnyMove, type AnyTrace, type BedTrace, type LoomTrace, type Trace } from '../simulate.ts';

/** Mistakes of hands with two needles. */
export const HAND_MISTAKE_IDS = [
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
export type HandMistakeId = (typeof HAND_MISTAKE_IDS)[number];

/** Mistakes that some tool allows. The same id on another tool is the same mistake, made there. */
export const MISTAKE_IDS = [
	...HAND_MISTAKE_IDS,
	'hung-up',
	'not-tugged',
	'not-forward',
	'holding-on',
	'unpinched',
	'no-weight',
] as const;
export type MistakeId = (typeof MISTAKE_IDS)[number];

/** A mistake of the hands: a change to a procedure, never a result. What shows is left to the simulation. */
export interface Mistake {
	readonly id: MistakeId;
	/** Completes "What if … ". */
	readonly title: string;
	/** How it comes about, in one sentence. */
	readonly how: string;
	/**
	 * The moves of a procedure with the mistake made, once for each place where it can be made. A method, as
	 * a mistake is only asked about procedures on its own tool.
	 */
	sites(trace: AnyTrace): readonly Site[];
}

/** A mistake on one tool. */
export interface MistakeOn<T extends AnyTrace> extends Omit<Mistake, 'sites'> {
	readonly sites: (trace: T) => readonly Site<T['steps'][number]['move']>[];
}
export type HandMistake = MistakeOn<Trace>;
export type LoomMistake = MistakeOn<LoomTrace>;
export type BedMistake = MistakeOn<BedTrace>;

export interface Site<M = AnyMove> {
	/** The move, from 1, at which it happens. */
	readonly at: number;
	readonly moves: readonly M[];
}

export const movesIn = <M>({ steps }: { readonly steps: readonly { readonly move: M }[] }): readonly M[] =>
	steps.map((s) => s.move);

/** The places where hands can really make a mistake: the moves after it can still be done. */
export function sitesOf(mistake: HandMistake, trace: Trace): readonly Site<Move>[];
export function sitesOf(mistake: Mistake, trace: AnyTrace): readonly Site[];
export function sitesOf(mistake: Mistake, trace: AnyTrace): readonly Site[] {
	return mistake.sites(trace).filter(({ moves }) => !simulate(moves, trace.start).stopped);
}
