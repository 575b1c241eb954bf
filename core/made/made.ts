/**
 * The model as pages ask for it: planned, run, drawn and written once for each content, however many
 * pages and readers show it.
 */

import {
	limitsOf,
	perform as performed,
	waysFor as madeBy,
	type Craft,
	type MistakeAt,
	type Performance,
	type Way,
} from '../craft/index.ts';
import { asThreeGroups, asTwoGroups, canonical, type Crossing } from '../crossing/index.ts';
import { drawStage, toSvg, type Drawing, type StageOptions } from '../drawing/index.ts';
import { hasSite, tally, type AnyTrace } from '../handling/index.ts';
import { namesFor as named, wordsFor as said } from '../notation/index.ts';
import type { Result } from '../swatch/index.ts';
import { memoize, numbered } from '../memoize/index.ts';

const numberOf = numbered();

const runs = memoize(
	200,
	(craft: Craft, c: Crossing, way: string, mistake: MistakeAt | undefined) =>
		`${numberOf(craft)} ${canonical(c)} ${way} ${mistake ? `${mistake.id} ${mistake.site}` : ''}`,
	(craft, c, way, mistake): Result<Performance> => performed(craft, c, way, mistake),
);

/** The moves of a way, run and proved. */
export const perform = (craft: Craft, c: Crossing, way: string, mistake?: MistakeAt): Result<Performance> =>
	runs(craft, c, way, mistake);

export const waysFor = memoize(
	300,
	(craft: Craft, c: Crossing) => `${numberOf(craft)} ${canonical(c)}`,
	(craft, c): readonly Way[] => madeBy(craft, c),
);

export const wordsFor = memoize(400, canonical, said);
export const namesFor = memoize(400, canonical, named);

/** The stage at a whole step. Between two steps nothing is kept, as no two frames are the same. */
export const stageAt = memoize(
	120,
	(loops: Crossing, trace: AnyTrace, at: number, options: StageOptions) =>
		`${numberOf(trace)} ${at} ${canonical(loops)} ${JSON.stringify(options)}`,
	(loops, trace, at, options): Drawing => drawStage(loops, trace, at, options),
);

/** Mistakes that can be made somewhere in these moves. */
export const mistakesIn = memoize(
	200,
	(craft: Craft, right: AnyTrace) => `${numberOf(craft)} ${numberOf(right)}`,
	(craft, right): Craft['mistakes'] => craft.mistakes.filter((m) => hasSite(m, right)),
);

const svgs = new WeakMap<Drawing, Map<number | undefined, string>>();

/** A drawing as SVG text. */
export function svgOf(drawing: Drawing, width?: number): string {
	const known = svgs.get(drawing) ?? new Map<number | undefined, string>();
	svgs.set(drawing, known);
	const svg = known.get(width) ?? toSvg(drawing, width);
	known.set(width, svg);
	return svg;
}

/** Stitches up to which a server plans and draws a crossing of two or three groups; of any other it plans none. */
const SERVED = 12;

/**
 * Whether a crossing is so wide, or so much its own, that looking at it from all sides takes long: then
 * the browser does it for itself, and no page of a server waits for it.
 */
export const isLong = (c: Crossing, way?: string): boolean =>
	(way?.startsWith('found') ?? false) || c.n > SERVED || !(asTwoGroups(c) || asThreeGroups(c));

/** Stitches up to which a search is quick enough to be asked by the way; wider ones are answered by their limits. */
const SEARCHED = 6;

/**
 * Holders that a way of the hands takes for a crossing. One that a search finds takes as many as it uses;
 * beyond six stitches it is not searched for this, and is taken to use what its limits allow, one for two groups.
 */
export function holdersOf(craft: Craft, c: Crossing, way: string): number {
	const limits = limitsOf(way);
	if (!limits) return craft.ways.find((w) => w.id === way)?.holders ?? 1;
	if (limits.holders === 0) return 0;
	const found = c.n <= SEARCHED ? perform(craft, c, way) : undefined;
	return found?.ok ? tally(found.value.trace).tools : Math.min(limits.holders, asTwoGroups(c) ? 1 : 2);
}
