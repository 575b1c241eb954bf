/**
 * A glossary: lines of a name and its sentence, as a pattern or a teacher writes them. What it says
 * overrides every school.
 */

import type { Problem } from '../result.ts';
import { readSentence, type SentenceReading } from './sentence/index.ts';

/** Lines, and characters in all, that are read. */
export const GLOSSARY_LIMITS = { lines: 100, characters: 10_000 } as const;

export interface GlossaryEntry {
	readonly name: string;
	readonly sentence: string;
	/** From 1. */
	readonly line: number;
	/** What the sentence makes: none when it cannot be run, more than one when it leaves something open. */
	readonly readings: readonly SentenceReading[];
	readonly problems: readonly Problem[];
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
		.replaceAll(/[^a-z0-9/]+/g, '');

const LINE = /^\s*([^:=]{1,80}?)\s*[:=]\s*(\S.*)$/;

/** Reads lines such as `C4F: sl 2 sts to cn and hold in front, k2, k2 from cn`. Total; empty lines are passed over. */
export function readGlossary(text: string): Glossary {
	const problems: Problem[] = [];
	const entries: GlossaryEntry[] = [];
	if (text.length > GLOSSARY_LIMITS.characters) {
		problems.push({
			code: 'length',
			what: `The glossary is ${text.length.toLocaleString('en')} characters long; at most ${GLOSSARY_LIMITS.characters.toLocaleString('en')} are read.`,
			todo: 'Keep the lines that you need.',
		});
		return { entries, problems };
	}
	for (const [i, line] of text.split(/\r?\n/).slice(0, GLOSSARY_LIMITS.lines).entries()) {
		if (line.trim() === '') continue;
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
	return { entries, problems };
}

/** The entry for a name, the first one when it stands there twice. */
export const entryFor = (glossary: Glossary, name: string): GlossaryEntry | undefined => {
	const wanted = plainName(name);
	return wanted ? glossary.entries.find((e) => plainName(e.name) === wanted) : undefined;
};
