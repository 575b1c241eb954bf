/** Finding a crossing by whatever is known of it. */

import type { StrainVerdict } from '../fabric/index.ts';
import { asThreeGroups, type Crossing, type Lean } from '../crossing/index.ts';
import {
	entryFor,
	MAX_NAME_LENGTH,
	plainName,
	readAll,
	readSentence,
	SCHOOLS,
	wordsFor,
	type Glossary,
	type KeptCrossing,
	type SchoolId,
} from '../notation/index.ts';
import type { Entry, Grade, Make } from './collection.ts';

/** What is asked for; anything left out does not matter. */
export interface CollectionFilter {
	readonly lean?: Lean;
	readonly groups?: 2 | 3;
	readonly make?: Make;
	readonly grade?: Grade;
	readonly verdict?: StrainVerdict;
	/** Stitches in all. */
	readonly width?: number;
}

/** The entries that are all that is wanted, in their order. */
export const those = (entries: readonly Entry[], wanted: CollectionFilter): readonly Entry[] =>
	entries.filter(
		(e) =>
			(wanted.lean === undefined || e.lean === wanted.lean) &&
			(wanted.groups === undefined || e.groups === wanted.groups) &&
			(wanted.make === undefined || e.make === wanted.make) &&
			(wanted.grade === undefined || e.grade === wanted.grade) &&
			(wanted.verdict === undefined || e.verdict === wanted.verdict) &&
			(wanted.width === undefined || e.crossing.n === wanted.width),
	);

/** One crossing that a text may mean. */
export interface Hit {
	readonly crossing: Crossing;
	/** What decides for it, when the text can mean more than one. */
	readonly says: string;
	/** A name and school by which the stage finds it again; none when no school has one. */
	readonly name?: { readonly text: string; readonly school: SchoolId };
	/** The name under which somebody keeps it. */
	readonly own?: string;
	/** The school that reads the text so, when it was a name. */
	readonly school?: SchoolId;
}

export type Lookup =
	/** A name, of one's own, in a school or by a glossary line. */
	| { readonly kind: 'name'; readonly hits: readonly Hit[] }
	| { readonly kind: 'sentence'; readonly hits: readonly Hit[] }
	/** Part of a name: entries that begin so, and those of one's own that have it anywhere. */
	| { readonly kind: 'part'; readonly entries: readonly Entry[]; readonly own: readonly Hit[] };

const slashName = (c: Crossing): Hit['name'] => {
	const text = SCHOOLS.slash.write(c);
	return text === undefined ? undefined : { text, school: 'slash' };
};

const hit = (crossing: Crossing, says: string, name = slashName(crossing)): Hit => ({
	crossing,
	says,
	...(name ? { name } : {}),
});

/** What a chart's symbol may mean; where no school has a name for it, it goes by its look. */
export const hitsOf = (crossings: readonly Crossing[]): readonly Hit[] =>
	crossings.map((c) => {
		const three = asThreeGroups(c);
		const says = three ? `the middle is ${three.lies}${three.lies === 'behind' ? ' both' : ' them'}` : wordsFor(c).work;
		const found = hit(c, says);
		return found.name ? found : { ...found, own: wordsFor(c).title };
	});

/**
 * What a text may mean: a crossing that is kept under that name, then a glossary's own line, then every
 * reading of a name in every school; what a sentence makes; or whatever has it as part of its name.
 * Never throws; an empty text finds nothing.
 */
export function lookUp(
	text: string,
	entries: readonly Entry[],
	glossary: Glossary,
	kept: readonly KeptCrossing[] = [],
): Lookup {
	const typed = text.trim();
	const plain = typed.toLowerCase();
	const ownHit = ({ name, crossing }: KeptCrossing): Hit => ({ crossing, says: 'one of your own', own: name });
	const called = kept.filter((k) => k.name.toLowerCase() === plain).map(ownHit);
	const line = entryFor(glossary, typed);
	const own = (line?.own ? [] : (line?.readings ?? [])).map((r) => hit(r.crossing, 'by your glossary'));
	const readings = typed.length <= MAX_NAME_LENGTH ? readAll(typed).readings : [];
	const named = readings.map((r): Hit => ({
		...hit(
			r.crossing,
			r.differs || SCHOOLS[r.school].rule,
			r.differs ? slashName(r.crossing) : { text: typed, school: r.school },
		),
		school: r.school,
	}));
	const hits = [...called, ...own, ...named];
	if (hits.length > 0) return { kind: 'name', hits };
	const sentence = typed.includes(' ') ? readSentence(typed) : undefined;
	if (sentence?.ok) {
		const hits = sentence.value.map((r) => hit(r.crossing, r.differs || 'what the hands make by this sentence'));
		return { kind: 'sentence', hits };
	}
	const start = plainName(typed);
	const found = start ? entries.filter((e) => e.names.some((n) => plainName(n).startsWith(start))) : [];
	const parts = plain ? kept.filter((k) => k.name.toLowerCase().includes(plain)) : [];
	return { kind: 'part', entries: found, own: parts.map(ownHit) };
}
