/** From what is seen in the fabric back to what the hands are likely to have done. */

import type { Crossing } from '../../crossing/index.ts';
import { HAND_MISTAKE_IDS, sitesOf, type Mistake, type MistakeId, type BedSite } from './mistake.ts';
import { MISTAKES } from './mistakes.ts';
import { signsOf, type Sign, type SignId } from './signs.ts';
import { again, type AnyTrace } from '../trace.ts';

export interface Likely {
	/** One mistake, or two that were made together. */
	readonly mistakes: readonly MistakeId[];
	/** The first move, from 1, at which it happens. */
	readonly at: number;
	/** What the simulation shows when just that is done. */
	readonly trace: AnyTrace;
	readonly signs: readonly Sign[];
	readonly explains: readonly SignId[];
	/** Seen, and not explained by it. */
	readonly misses: readonly SignId[];
	/** It would show as well, and was not seen. */
	readonly shows: readonly SignId[];
	/** In how many places of the procedure it can happen: how exposed the way is to it. */
	readonly exposure: number;
}

interface TriedCause extends Omit<Likely, 'mistakes' | 'exposure'> {
	readonly site: BedSite;
}

const BY_HAND: readonly Mistake[] = HAND_MISTAKE_IDS.map((id) => MISTAKES[id]);

/** More sites of one mistake than this add nothing: they only name other stitches. */
const MOST_SITES = 40;

/** What a procedure is held against, and the mistakes that it allows. */
export interface Suspects {
	readonly mistakes: readonly Mistake[];
	/** What shows when it is carried out so. */
	readonly signs: (trace: AnyTrace) => readonly Sign[];
}

function tried({ signs: shows }: Suspects, right: AnyTrace, site: BedSite, seen: ReadonlySet<SignId>): TriedCause {
	const trace = again(right, site.moves);
	const signs = shows(trace);
	const shown = new Set(signs.map((s) => s.id));
	return {
		site,
		at: site.at,
		trace,
		signs,
		explains: [...seen].filter((s) => shown.has(s)),
		misses: [...seen].filter((s) => !shown.has(s)),
		shows: [...shown].filter((s) => !seen.has(s)),
	};
}

const better = (a: TriedCause, b: TriedCause): number =>
	b.explains.length - a.explains.length || a.shows.length - b.shows.length || a.at - b.at;

/**
 * The mistakes that give what is seen when a procedure is carried out: each run on the simulator, and
 * listed only when it explains something. First those that explain most and show least beside it, then
 * those that the way is most exposed to. When no single one explains all, two together are tried.
 */
export function diagnose(
	asked: Crossing,
	right: AnyTrace,
	seen: readonly SignId[],
	suspects: Suspects = { mistakes: BY_HAND, signs: (trace) => signsOf(asked, trace.outcome) },
): readonly Likely[] {
	const wanted = new Set(seen);
	if (wanted.size === 0) return [];
	const singles = suspects.mistakes.flatMap((mistake): (Likely & { readonly best: TriedCause })[] => {
		const sites = sitesOf(mistake, right);
		const [best] = sites
			.slice(0, MOST_SITES)
			.map((site) => tried(suspects, right, site, wanted))
			.sort(better);
		if (!best || best.explains.length === 0) return [];
		return [{ ...best, best, mistakes: [mistake.id], exposure: sites.length }];
	});
	const whole = singles.some((s) => s.misses.length === 0);
	const pairs = whole ? [] : pairsOf(suspects, singles, wanted);
	return [...singles, ...pairs]
		.map(({ mistakes, at, trace, signs, explains, misses, shows, exposure }) => ({
			mistakes,
			at,
			trace,
			signs,
			explains,
			misses,
			shows,
			exposure,
		}))
		.sort(
			(a, b) =>
				b.explains.length - a.explains.length ||
				a.shows.length - b.shows.length ||
				a.mistakes.length - b.mistakes.length ||
				b.exposure - a.exposure,
		);
}

function pairsOf(
	suspects: Suspects,
	singles: readonly (Likely & { readonly best: TriedCause })[],
	seen: ReadonlySet<SignId>,
): Likely[] {
	return singles.flatMap((first, i) =>
		singles.slice(i + 1).flatMap((second): Likely[] => {
			const [id] = second.mistakes;
			const [best] = sitesOf(
				suspects.mistakes.find((m) => m.id === id)!,
				first.trace,
			)
				.slice(0, MOST_SITES)
				.map((site) => tried(suspects, first.trace, site, seen))
				.sort(better);
			if (!best || best.explains.length <= Math.max(first.explains.length, second.explains.length)) return [];
			const { site: _, ...rest } = best;
			const exposure = Math.min(first.exposure, second.exposure);
			return [{ ...rest, mistakes: [...first.mistakes, id!], at: Math.min(first.at, best.at), exposure }];
		}),
	);
}
