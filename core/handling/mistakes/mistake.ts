import type { Move } from '../moves.ts';
import { again, type AnyMove, type AnyTrace, type BedTrace, type LoomTrace, type Trace } from '../trace.ts';

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
	sites(trace: AnyTrace): readonly BedSite[];
}

/** A mistake on one tool. */
export interface MistakeOn<T extends AnyTrace> extends Omit<Mistake, 'sites'> {
	readonly sites: (trace: T) => readonly BedSite<T['steps'][number]['move']>[];
}
export type HandMistake = MistakeOn<Trace>;
export type LoomMistake = MistakeOn<LoomTrace>;
export type BedMistake = MistakeOn<BedTrace>;

export interface BedSite<M = AnyMove> {
	/** The move, from 1, at which it happens. */
	readonly at: number;
	readonly moves: readonly M[];
}

export const movesIn = <M>({ steps }: { readonly steps: readonly { readonly move: M }[] }): readonly M[] =>
	steps.map((s) => s.move);

/** Moves times loops that are run to find the places of one mistake. A longer procedure has its first places tried. */
const MOST_RUN = 60_000;

/** Places that are tried, first those that come first. */
function tried(mistake: Mistake, trace: AnyTrace): readonly BedSite[] {
	const one = Math.max(1, trace.steps.length) * Math.max(1, trace.start.loops.length);
	return mistake.sites(trace).slice(0, Math.max(4, Math.floor(MOST_RUN / one)));
}

const goesOn = (trace: AnyTrace, { moves }: BedSite): boolean => !again(trace, moves).stopped;

/** The places where hands can really make a mistake: the moves after it can still be done. */
export function sitesOf(mistake: HandMistake, trace: Trace): readonly BedSite<Move>[];
export function sitesOf(mistake: Mistake, trace: AnyTrace): readonly BedSite[];
export function sitesOf(mistake: Mistake, trace: AnyTrace): readonly BedSite[] {
	return tried(mistake, trace).filter((site) => goesOn(trace, site));
}

/** A procedure beyond this, in moves times loops, is not run to know whether a mistake can be made in it. */
const MOST_AHEAD = 12_000;

/** Whether there is such a place at all, which is known from the first one; in very long procedures it is taken for granted. */
export const hasSite = (mistake: Mistake, trace: AnyTrace): boolean =>
	trace.steps.length * trace.start.loops.length > MOST_AHEAD
		? mistake.sites(trace).length > 0
		: tried(mistake, trace).some((site) => goesOn(trace, site));

/** The place of that number, counted from 0, or the first one where there are fewer. */
export function siteAt(mistake: Mistake, trace: AnyTrace, number: number): BedSite | undefined {
	let first: BedSite | undefined;
	let seen = 0;
	for (const site of tried(mistake, trace)) {
		if (!goesOn(trace, site)) continue;
		first ??= site;
		if (seen === number) return site;
		seen += 1;
	}
	return first;
}
