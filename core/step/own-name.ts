/** The name by which a step asked for a crossing: the pattern's, or the one under which somebody keeps it. */

import { canonical, type Crossing, equal } from '../crossing/index.ts';
import { memoize } from '../memoize/index.ts';
import { readGlossary, readTextWith, type SchoolId } from '../notation/index.ts';

interface NamedCrossing {
	readonly asked: { readonly text: string; readonly school: SchoolId };
	readonly crossing: Crossing;
}

const none = readGlossary('');
/** Longer ones are sentences. */
const LONGEST = 60;

const told = memoize(
	300,
	({ asked, crossing }: NamedCrossing) => `${asked.school} ${canonical(crossing)} ${asked.text}`,
	({ asked, crossing }: NamedCrossing): { readonly own?: string; readonly pattern?: string } => {
		if (asked.text.length > LONGEST) return {};
		const read = readTextWith(none, asked.text, asked.school);
		const isCommon = read.ok && [read, ...read.meanings].some((m) => equal(m.crossing, crossing));
		if (!isCommon) return { own: asked.text, pattern: asked.text };
		return read.ok && 'past' in read ? {} : { pattern: asked.text.trim() };
	},
);

/** `undefined` where the text is a name or a sentence that means just this crossing to everybody. */
export const ownName = (step: NamedCrossing): string | undefined => told(step).own;

/** As the pattern names it; `undefined` where a sentence was asked for. */
export const patternName = (step: NamedCrossing): string | undefined => told(step).pattern;
