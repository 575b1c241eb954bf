/** UK and US words for the same things. The app is written in UK English; this says it as the US does. */

export const ENGLISHES = ['uk', 'us'] as const;
export type English = (typeof ENGLISHES)[number];

/** In the order in which they are tried; a longer phrase stands before its words. */
const US: readonly (readonly [uk: string, us: string])[] = [
	['tension squares', 'gauge swatches'],
	['tension square', 'gauge swatch'],
	['reverse stocking stitch', 'reverse stockinette'],
	['stocking stitch', 'stockinette'],
	['moss stitch', 'seed stitch'],
	['casting off', 'binding off'],
	['cast off', 'bind off'],
	['colours', 'colors'],
	['coloured', 'colored'],
	['colour', 'color'],
	['centres', 'centers'],
	['centre', 'center'],
	['centimetres', 'centimeters'],
	['millimetres', 'millimeters'],
	['metres', 'meters'],
	['metre', 'meter'],
	['practising', 'practicing'],
	['practised', 'practiced'],
	['practise', 'practice'],
	['travelling', 'traveling'],
	['travelled', 'traveled'],
	['grey', 'gray'],
	// The number of a machine's dial is the same word in both.
	['tension(?! number)', 'gauge'],
];
const ANY = new RegExp(`\\b(?:${US.map(([uk]) => uk).join('|')})\\b`, 'gi');
const OF = new Map(US.map(([uk, us]) => [uk.replace(/\(.*\)/, ''), us]));

/** A text of the app in the English of whoever reads it; what somebody wrote is never passed through it. */
export function inEnglish(text: string, english: English): string {
	if (english === 'uk') return text;
	return text.replace(ANY, (found) => {
		const us = OF.get(found.toLowerCase())!;
		return found.charAt(0) === found.charAt(0).toUpperCase() ? us.charAt(0).toUpperCase() + us.slice(1) : us;
	});
}

/** That of a language as browsers name it. */
export const englishOf = (locale: string): English => (/^en-(US|PR|PH)\b/i.test(locale) ? 'us' : 'uk');

/** The English that somebody chose, or that of their browser's language where it is left to that. */
export const englishFor = (chosen: English | 'browser', locale: string): English =>
	chosen === 'browser' ? englishOf(locale) : chosen;
