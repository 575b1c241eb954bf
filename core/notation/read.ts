/** From the text of a name to what it means, or to an account of why not. */

import { canonical, type Crossing } from '../crossing/index.ts';
import type { Problem } from '../result.ts';
import { closeNames, type CloseName } from './close.ts';
import { nameParts, type NamePart, type NameParts } from './name-parts.ts';
import { SCHOOL_IDS, SCHOOLS, schoolsReading, type Meaning, type School, type SchoolId } from './schools.ts';

/** The longest name that is read, in characters. */
export const MAX_NAME_LENGTH = 80;

/** The school that a reader states, or that none is stated. */
export type StatedSchool = SchoolId | 'any';

/** A meaning, and the school that gives it. */
export interface Reading extends Meaning {
	readonly school: SchoolId;
}

export interface NameRead {
	readonly ok: true;
	readonly crossing: Crossing;
	/** The school that read it: the stated one, or the only one that can. */
	readonly school: SchoolId;
	readonly parts: readonly NamePart[];
	/** All that the name means in that school, the crossing first; more than one where it leaves something open. */
	readonly meanings: readonly Meaning[];
	/** What some houses mean by the same name, against the school's rule. */
	readonly elsewhere: readonly Meaning[];
}

export interface NameNotRead {
	readonly ok: false;
	readonly problems: readonly Problem[];
	readonly understood: readonly NamePart[];
	readonly unknown: readonly NamePart[];
	readonly close: readonly CloseName[];
	/** What the name may mean: in other schools, or where the stated one cannot settle it. */
	readonly readings: readonly Reading[];
}

/**
 * Reads a name as the stated school means it. A name that only one school can mean is read whatever
 * the school; one that several read differently only by the stated one, and by none when none is stated.
 *
 * `among` are the schools that are asked, besides the stated one: a document that was written when there were
 * fewer is read by those alone, so that a name in it keeps its meaning. `choose` picks among meanings that the name leaves open, by place; the usual one is 0.
 *
 * Never throws; a text that is no name gives the parts understood, the parts
 * not understood and names close to it. Texts over {@link MAX_NAME_LENGTH} are refused unread.
 */
export function readName(
	text: string,
	stated: StatedSchool,
	choose = 0,
	among: readonly SchoolId[] = SCHOOL_IDS,
): NameRead | NameNotRead {
	const read = nameOrWhyNot(text, stated, choose, among);
	return typeof read === 'function' ? read() : read;
}

/** As `readName`, for whoever looks up many texts of which most are none: says nothing of why not, and costs less. */
export function nameIn(
	text: string,
	stated: StatedSchool,
	among: readonly SchoolId[] = SCHOOL_IDS,
): NameRead | undefined {
	const read = nameOrWhyNot(text, stated, 0, among);
	return typeof read === 'function' ? undefined : read;
}

/** The account of why not is only made when it is asked for: it looks through all names for those that are near. */
function nameOrWhyNot(
	text: string,
	stated: StatedSchool,
	choose: number,
	among: readonly SchoolId[],
): NameRead | (() => NameNotRead) {
	const school = SCHOOLS[stated === 'any' ? 'slash' : stated];
	if (text.length > MAX_NAME_LENGTH) {
		return () =>
			notRead(text, school, noParts, {
				code: 'length',
				what: `That is ${text.length} characters; a name has at most ${MAX_NAME_LENGTH}.`,
				todo: 'Type only the name of one crossing.',
			});
	}
	const parts = nameParts(text);
	if (!parts.shape) {
		return twiceNamed(text, stated, among) ?? (() => notRead(text, school, parts, whyNot(text, parts, school)));
	}
	const readers = schoolsReading(parts.shape).filter((s) => s.id === stated || among.includes(s.id));
	const reader = readers.find((s) => s.id === stated) ?? (readers.length === 1 ? readers[0] : undefined);
	if (!reader) {
		return () =>
			notRead(text, school, parts, {
				code: 'other-school',
				what: `“${text.trim()}” is read by ${readers.length} schools, and they mean different things by it.`,
				todo: 'Look which one the pattern follows, or let its glossary settle it.',
			});
	}
	const glossed = reader.gloss(parts.understood);
	const read = reader.read(parts.understood);
	if (!read.ok) return () => notRead(text, reader, { ...parts, understood: glossed }, ...read.problems);
	const chosen = read.value[choose] ?? read.value[0]!;
	return {
		ok: true,
		crossing: chosen.crossing,
		school: reader.id,
		parts: glossed,
		meanings: read.value,
		elsewhere: reader.elsewhere?.(parts.understood) ?? [],
	};
}

/** A name and behind it, in brackets, another one of the same crossing: `C4B (2/2 RC)`. */
const TWICE = /^\s*([^()[\]]+?)\s*[([]\s*([^()[\]]+?)\s*[)\]][\s.:]*$/d;

/** The two names of a text that names a crossing twice, each with its place, and what both can mean. */
function bothNames(text: string) {
	const found = TWICE.exec(text);
	if (!found) return undefined;
	const nameAt = (k: 1 | 2) => ({ text: found[k]!, from: found.indices![k]![0], parts: nameParts(found[k]!) });
	const names = [nameAt(1), nameAt(2)] as const;
	if (!names.every(({ parts }) => parts.shape)) return undefined;
	const [first, second] = names.map(({ parts }) => allOf(parts).readings) as [Reading[], Reading[]];
	const keys = new Set(second.map((m) => canonical(m.crossing)));
	return { names, shared: first.filter((m) => keys.has(canonical(m.crossing))) };
}

/** The reading of a crossing that is named twice; of two different ones why not. */
function twiceNamed(
	text: string,
	stated: StatedSchool,
	among: readonly SchoolId[],
): NameRead | (() => NameNotRead) | undefined {
	const both = bothNames(text);
	if (!both) return undefined;
	const { names, shared } = both;
	for (const name of names) {
		const read = nameOrWhyNot(name.text, stated, 0, among);
		const settled = typeof read === 'function' ? shared : [read];
		const [only] = settled;
		if (settled.length !== 1 || !shared.some((m) => canonical(m.crossing) === canonical(only!.crossing))) continue;
		const parts = name.parts.understood.map((p) => ({ ...p, from: p.from + name.from, to: p.to + name.from }));
		const meanings = [{ crossing: only!.crossing, differs: '' }];
		return { ok: true, crossing: only!.crossing, school: only!.school, parts, meanings, elsewhere: [] };
	}
	const [first, second] = names;
	return () =>
		notRead(text, SCHOOLS[stated === 'any' ? 'slash' : stated], noParts, {
			code: 'two-names',
			what: `“${first.text}” and “${second.text}” are different crossings.`,
			todo: 'Write one of the two.',
			at: { from: second.from, to: second.from + second.text.length },
		});
}

export interface AllReadings {
	/** Every crossing that some school means by the name, each once, with the first school that does. */
	readonly readings: readonly Reading[];
	/** A school would need the pattern's glossary to settle it; what it may mean is among the readings. */
	readonly needsGlossary: boolean;
	/** Why there is no reading, when there is none. */
	readonly problems: readonly Problem[];
}

/** Reads a name without a stated school: all readings, none of them guessed. Never throws. */
export function readAll(text: string): AllReadings {
	const parts = text.length > MAX_NAME_LENGTH ? noParts : nameParts(text);
	if (!parts.shape) {
		const shared = text.length > MAX_NAME_LENGTH ? [] : (bothNames(text)?.shared ?? []);
		if (shared.length > 0) return { readings: shared, needsGlossary: false, problems: [] };
		const read = readName(text, 'slash');
		return { readings: [], needsGlossary: false, problems: read.ok ? [] : read.problems };
	}
	return allOf(parts);
}

function allOf(parts: NameParts): AllReadings {
	const found = new Map<string, Reading>();
	const problems: Problem[] = [];
	let needsGlossary = false;
	for (const school of schoolsReading(parts.shape!)) {
		const read = school.read(parts.understood);
		const open = !read.ok && read.problems.some((p) => p.code === 'needs-glossary');
		if (!read.ok) problems.push(...read.problems);
		needsGlossary ||= open;
		const meanings = read.ok ? read.value : open ? (school.mayMean?.(parts.understood) ?? []) : [];
		for (const meaning of meanings) {
			const key = canonical(meaning.crossing);
			if (!found.has(key)) found.set(key, { ...meaning, school: school.id });
		}
	}
	return { readings: [...found.values()], needsGlossary, problems: found.size > 0 ? [] : problems };
}

const noParts: NameParts = { shape: undefined, understood: [], unknown: [], endsEarly: false };

function notRead(text: string, school: School, parts: NameParts, ...problems: Problem[]): NameNotRead {
	const { understood, unknown } = parts;
	const codes = problems.map((p) => p.code);
	const open = codes.includes('needs-glossary') || codes.includes('other-school');
	const readings = open && parts.shape ? allOf(parts).readings : [];
	const close = readings.length > 0 ? [] : closeNames(text, school, parts);
	return { ok: false, problems, understood, unknown, close, readings };
}

function whyNot(text: string, parts: NameParts, school: School): Problem {
	if (text.trim() === '') {
		return {
			code: 'empty',
			what: 'Type a name.',
			todo: `Write it as your pattern does, such as ${school.examples.slice(0, 2).join(' or ')}.`,
		};
	}
	const [first] = parts.unknown;
	if (first?.says) {
		return {
			code: 'out-of-place',
			what: `“${first.text}” says “${first.says}”, but a name does not have it there.`,
			todo: `Write the parts in this order: ${school.examples.slice(0, 2).join(' or ')}.`,
			at: { from: first.from, to: first.to },
		};
	}
	if (first) {
		const known = parts.understood.length > 0;
		return {
			code: 'unknown-part',
			what: known ? `We don’t know “${first.text}”.` : `“${shorten(text.trim())}” is not a crossing we know.`,
			todo: `A name looks like ${school.examples.slice(0, 2).join(' or ')}.`,
			at: { from: first.from, to: first.to },
		};
	}
	return {
		code: parts.endsEarly ? 'unfinished' : 'out-of-place',
		what: parts.endsEarly ? 'The name is not complete.' : 'We know the parts, but not in this order.',
		todo: `A complete name looks like ${school.examples.slice(0, 2).join(' or ')}.`,
	};
}

const shorten = (text: string): string => (text.length > 24 ? `${text.slice(0, 23)}…` : text);
