/**
 * A glossary: lines of a name and its sentence, as a pattern or a teacher writes them. What it says
 * overrides every school.
 */

import { canonical, type Crossing, fromCanonical } from '../crossing/index.ts';
import type { Problem } from '../result.ts';
import { readSentence, type SentenceReading } from './sentence/index.ts';
import { thousands } from '../thousands.ts';

/** Lines, and characters in all, that are read. */
export const GLOSSARY_LIMITS = { lines: 100, characters: 10_000 } as const;

export interface GlossaryEntry {
	readonly name: string;
	readonly sentence: string;
	/** From 1. */
	readonly line: number;
	/** What the sentence makes: none when it cannot be run, more than one when it leaves something open. */
	readonly readings: readonly Pick<SentenceReading, 'crossing' | 'differs'>[];
	readonly problems: readonly Problem[];
	/** It is a crossing that is kept under this name, and no sentence. */
	readonly own?: true;
	/** It stands among the rows of a pattern. */
	readonly told?: true;
}

/** A crossing that somebody keeps under a name of their own. */
export interface KeptCrossing {
	readonly name: string;
	readonly crossing: Crossing;
}

/** Characters of the lines that tell kept crossings: of each, and in all. Wider ones are not known by name in rows. */
export const KEPT_LIMITS = { line: 1200, all: 60_000 } as const;

/** Stands alone on the line before them; nobody types it. */
const KEPT_BELOW = '\u2063';

/** A glossary that knows kept crossings by their names as well; a line of the teacher's comes before them. */
export function withKept(glossary: string, kept: readonly KeptCrossing[]): string {
	let left: number = KEPT_LIMITS.all;
	const lines = kept.flatMap(({ name, crossing }) => {
		const line = `${name}: ${canonical(crossing)}`;
		if (/[:=\r\n]/.test(name) || line.length > Math.min(left, KEPT_LIMITS.line)) return [];
		left -= line.length;
		return [line];
	});
	return lines.length === 0 ? glossary : [glossary, KEPT_BELOW, ...lines].join('\n');
}

/** The lines that somebody typed. */
export const withoutKept = (glossary: string): string => glossary.split(`\n${KEPT_BELOW}\n`, 1)[0]!;

function keptIn(whole: string, typed: string): readonly GlossaryEntry[] {
	const lines =
		whole === typed
			? []
			: whole.slice(typed.length + KEPT_BELOW.length + 2, typed.length + KEPT_LIMITS.all + 1000).split('\n');
	return lines.flatMap((line, i): GlossaryEntry[] => {
		const colon = line.indexOf(':');
		const made = fromCanonical(line.slice(colon + 1));
		if (colon < 1 || !made.ok) return [];
		const name = line.slice(0, colon);
		return [
			{ name, sentence: '', line: i + 1, readings: [{ crossing: made.value, differs: '' }], problems: [], own: true },
		];
	});
}

export interface Glossary {
	readonly entries: readonly GlossaryEntry[];
	/** Lines that are no entry, with what to do. */
	readonly problems: readonly Problem[];
}

/** However a name is written: case, spaces and signs between its parts do not count, but what separates counts does. */
export const plainName = (name: string): string =>
	name
		.toLowerCase()
		.replaceAll(/(?<=\d)\s*(?:\/|-|–|×|x|over)\s*(?=\d)/g, '/')
		.replaceAll(/[^\p{L}\p{N}/]+/gu, '');

const LINE = /^\s*([^:=]{1,80}?)\s*[:=]\s*(\S.*)$/;

/** Reads lines such as `C4F: sl 2 sts to cn and hold in front, k2, k2 from cn`. Total; empty lines and remarks behind # are passed over. */
export function readGlossary(whole: string): Glossary {
	const text = withoutKept(whole);
	const kept = keptIn(whole, text);
	const problems: Problem[] = [];
	const entries: GlossaryEntry[] = [];
	if (text.length > GLOSSARY_LIMITS.characters) {
		problems.push({
			code: 'length',
			what: `The glossary is ${thousands(text.length)} characters long; at most ${thousands(GLOSSARY_LIMITS.characters)} are read.`,
			todo: 'Keep the lines that you need.',
		});
		return { entries: kept, problems };
	}
	for (const [i, line] of text.split(/\r?\n/).slice(0, GLOSSARY_LIMITS.lines).entries()) {
		if (line.trim() === '' || /^\s*#/.test(line)) continue;
		const [, name, sentence] = LINE.exec(line) ?? [];
		if (!name || !sentence) {
			problems.push({
				code: 'line',
				what: `Line ${i + 1} is not a name and its sentence.`,
				todo: 'Write it as: C4F: sl 2 sts to cn and hold in front, k2, k2 from cn.',
			});
			continue;
		}
		const run = readSentence(sentence);
		entries.push({
			name,
			sentence,
			line: i + 1,
			readings: run.ok ? run.value : [],
			problems: run.ok ? [] : run.problems,
		});
	}
	return { entries: [...entries, ...kept], problems };
}

/** The names that a glossary has, as they are written in it. */
export const namesIn = (glossary: string): readonly string[] => readGlossary(glossary).entries.map((e) => e.name);

/** The entry for a name, the first one when it stands there twice. */
export const entryFor = (glossary: Glossary, name: string): GlossaryEntry | undefined => {
	const wanted = plainName(name);
	return wanted ? glossary.entries.find((e) => plainName(e.name) === wanted) : undefined;
};
