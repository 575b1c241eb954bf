import { notOnTools, readOnTools } from './on-tools.ts';
import { readSentence } from './sentence/index.ts';
import { entryFor, type Glossary, type GlossaryEntry } from './glossary.ts';
import { SCHOOL_IDS, type SchoolId } from './schools.ts';
import { nameParts } from './name-parts.ts';
import { nameIn, readName, type NameNotRead, type NameRead, type StatedSchool } from './read.ts';

/** A name that a glossary settles, with the line that does. */
export interface NameSettled extends NameRead {
	readonly settledBy: GlossaryEntry;
}

/**
 * Reads a name as `readName` does, unless the glossary has a sentence for it that can be run: then
 * what the hands make by that sentence is what the name means, whatever any school says.
 */
export function readNameWith(
	glossary: Glossary,
	text: string,
	school: StatedSchool,
	choose = 0,
	among: readonly SchoolId[] = SCHOOL_IDS,
): NameSettled | NameRead | NameNotRead {
	return settledIn(glossary, text, school, choose) ?? readName(text, school, choose, among);
}

/** As `readNameWith`, without an account of why not. */
export const nameInWith = (
	glossary: Glossary,
	text: string,
	school: StatedSchool,
	among?: readonly SchoolId[],
): NameSettled | NameRead | undefined => settledIn(glossary, text, school, 0) ?? nameIn(text, school, among);

function settledIn(glossary: Glossary, text: string, school: StatedSchool, choose: number): NameSettled | undefined {
	const entry = entryFor(glossary, text);
	const chosen = entry && (entry.readings[choose] ?? entry.readings[0]);
	if (!entry || !chosen) return undefined;
	return {
		ok: true,
		crossing: chosen.crossing,
		// Its own line settles it; without a stated school it is kept as a slash name would be.
		school: school === 'any' ? 'slash' : school,
		parts: nameParts(text).understood,
		meanings: entry.readings.map(({ crossing, differs }) => ({ crossing, differs })),
		elsewhere: [],
		settledBy: entry,
	};
}

/** What a sentence made, where a name was expected: told like a name, with no parts to take apart. */
export interface SentenceRead extends NameRead {
	readonly sentence: string;
	/** Parts of it that were read past, such as a name before it or a remark behind it. */
	readonly past: readonly string[];
	/** It tells what is done on a loom or a bed, and not with needles. */
	readonly onTools?: true;
}

/** It tells hands what to do with a holder, or with what waits on one. */
const SENTENCE =
	/[,;.].*\b(?:cn\d?|holder|cable needle|held|from|needle|first|2nd|second)\b|\b(?:cn\d?|holder|cable needle)\b.*[,;]/i;

/** Reads a name, or, when it is none, runs it as a glossary sentence. Refused as a name when it is neither. */
export function readTextWith(
	glossary: Glossary,
	text: string,
	school: StatedSchool,
	choose = 0,
): NameSettled | SentenceRead | NameRead | NameNotRead {
	const named = readNameWith(glossary, text, school, choose);
	if (named.ok || named.readings.length > 0 || !text.trim().includes(' ')) return named;
	const onTools = readOnTools(text);
	const run = onTools ? undefined : readSentence(text);
	const meanings = onTools ?? (run?.ok ? run.value : undefined);
	if (!meanings) {
		// What has the words of a sentence is refused as one, with the place where it goes wrong.
		const onTool = notOnTools(text);
		const told = onTool.length > 0 ? onTool : run && !run.ok && SENTENCE.test(text) ? run.problems : [];
		return told.length > 0 ? { ...named, problems: told, close: [] } : named;
	}
	const chosen = meanings[choose] ?? meanings[0]!;
	return {
		ok: true,
		crossing: chosen.crossing,
		school: 'slash',
		parts: [],
		meanings: meanings.map(({ crossing, differs }) => ({ crossing, differs })),
		elsewhere: [],
		sentence: text.trim(),
		past: (run?.ok ? (run.value[0]!.past ?? []) : []).map((p) => text.slice(p.from, p.to).trim()),
		...(onTools ? { onTools: true as const } : {}),
	};
}
