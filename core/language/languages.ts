/** The languages that are read, and which of them a text looks like. */

import { da } from './da.ts';
import { de } from './de.ts';
import { es } from './es.ts';
import { fr } from './fr.ts';
import { it } from './it.ts';
import { ja } from './ja.ts';
import { LANGUAGE_IDS, type Language, type LanguageId } from './language.ts';
import { nb } from './nb.ts';
import { nl } from './nl.ts';
import { sv } from './sv.ts';
import { tokensOf } from './vocabulary.ts';

const BY_ID: Readonly<Record<LanguageId, Language>> = { de, fr, nl, da, nb, sv, es, it, ja };
export const LANGUAGES: readonly Language[] = LANGUAGE_IDS.map((id) => BY_ID[id]);
export const languageOf = (id: LanguageId): Language => BY_ID[id];

/** Words that English patterns have and the others have not. */
const ENGLISH = new Set(
	'row rows rnd round knit purl sts stitch stitches cn cable needle hold front back from slip the and in with rep repeat cast on work yarn to of as'.split(
		' ',
	),
);
/** Characters that are looked at. */
const LOOKED_AT = 4000;
/** Of the letters of a text, how many must be words of a language, and how many more than of any other. */
const LEAST = 0.6;
const AHEAD = 0.08;

/** How much of the letters of a text are words of a language, from 0 to 1. */
function shareIn(language: Language, text: string): number {
	let [known, all] = [0, 0];
	for (const line of text.split('\n')) {
		const colon = line.search(/[:：]/);
		const label = tokensOf(language, colon < 0 ? line : line.slice(0, colon), true);
		const body = colon < 0 ? [] : tokensOf(language, line.slice(colon + 1));
		for (const token of [...label, ...body]) {
			if (token.kind !== 'term' && token.kind !== 'unknown') continue;
			const letters = token.text.replaceAll(/[^\p{L}]/gu, '').length;
			all += letters;
			// One letter is a word in many languages.
			if (token.kind === 'term') known += letters === 1 ? 0.7 : letters;
		}
	}
	return all === 0 ? 0 : known / all;
}

const englishShare = (text: string): number => {
	const words = text.toLowerCase().match(/\p{L}{2,}/gu) ?? [];
	return words.length === 0 ? 0 : words.filter((w) => ENGLISH.has(w)).length / words.length;
};

/** The language that a text looks like, English among them; `undefined` where it cannot be told. */
export const looksLike = (whole: string): LanguageId | 'en' | undefined =>
	englishShare(whole.slice(0, LOOKED_AT)) > 0.5 ? 'en' : detectLanguage(whole);

/** The language that a text looks like; `undefined` for English, and where none or more than one would fit. */
export function detectLanguage(whole: string): LanguageId | undefined {
	const text = whole.slice(0, LOOKED_AT);
	const shares = LANGUAGES.map((language) => ({ id: language.id, share: shareIn(language, text) })).sort(
		(a, b) => b.share - a.share,
	);
	const [best, second] = shares as [(typeof shares)[0], (typeof shares)[0]];
	if (best.share < LEAST || englishShare(text) > 0.3) return undefined;
	return best.share - second.share >= AHEAD ? best.id : undefined;
}
