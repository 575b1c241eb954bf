/** A language that patterns are written in: its words, and the term that each of them is. A language is a table and no code. */

/** What a word or a phrase of a pattern is, whatever the language. */
export const TERMS = [
	// What hands do, and to what.
	'stitch',
	'knit',
	'purl',
	'tbl',
	'slip',
	'work',
	'put',
	'together',
	'yo',
	'm1',
	/** An increase that does not say of which kind. */
	'inc',
	'kfb',
	'k2tog',
	'p2tog',
	'ssk',
	// Cable needles and crossings.
	'cn',
	'front',
	'back',
	'cross',
	'left',
	'right',
	'leftOnTop',
	'rightOnTop',
	'lowerPurled',
	// Rows.
	'row',
	'round',
	'RS',
	'WS',
	'every',
	'even',
	'odd',
	'these',
	'as',
	'asTheyStand',
	'castOn',
	'bindOff',
	'inTheRound',
	// How far, and how often.
	'repeat',
	'from',
	'to',
	'end',
	'last',
	'times',
	'once',
	'twice',
	'more',
	// What joins, and what says nothing of its own.
	'and',
	'then',
	'filler',
] as const;
export type Term = (typeof TERMS)[number];

/** Languages in which rows are read and written. */
export const ROW_LANGUAGE_IDS = ['de', 'fr', 'nl', 'da', 'nb', 'sv', 'es', 'it'] as const;
/** All that are read; of Japanese, the names and sentences of crossings. */
export const LANGUAGE_IDS = [...ROW_LANGUAGE_IDS, 'ja'] as const;
export type LanguageId = (typeof LANGUAGE_IDS)[number];

/** Their names in English. */
export const LANGUAGE_TITLES: Readonly<Record<LanguageId, string>> = {
	de: 'German',
	fr: 'French',
	nl: 'Dutch',
	da: 'Danish',
	nb: 'Norwegian',
	sv: 'Swedish',
	es: 'Spanish',
	it: 'Italian',
	ja: 'Japanese',
};

/** Words and phrases of a term, divided by `|`, the usual one first, in small letters and without the stops of abbreviations. */
export type Words = { readonly [T in Term]?: string };

export interface Language {
	readonly id: LanguageId;
	/** Its name in English, and in itself. */
	readonly title: string;
	readonly own: string;
	readonly words: Words;
	/** Words that mean something else in the label of a row and where rows are named, such as German R for a row. */
	readonly labels: Words;
	/** Numbers as words, such as `zwei 2`. */
	readonly numbers: string;
	/** How rows are written in it; none where only names and sentences are read. */
	readonly write?: Writing;
	/** It is written without spaces between words. */
	readonly isUnspaced?: true;
	/** What is understood only where it stands before or behind its term, for the page of words. */
	readonly example: { readonly row: string; readonly sentence: string };
}

/** One wording for each thing that is written; `{n}` stands for a number, `{side}` for the side of a row. What is written reads back equal. */
export interface Writing {
	readonly row: string;
	readonly round: string;
	/** Behind the number of a row. */
	readonly sides: { readonly RS: string; readonly WS: string };
	readonly castOn: string;
	/** By their names in English rows: `k`, `ptbl`, `k2tog`. */
	readonly stitches: Readonly<Record<string, string>>;
	readonly left: string;
	readonly right: string;
	/** A crossing that has no name: stitches to the cable needle, in front and in back, and from it. */
	readonly hold: { readonly front: string; readonly back: string };
	readonly fromCn: Readonly<Record<string, string>>;
	/** Lines that repeat rows; `{rows}` stands for the word for rows or rounds, `{n}` for how often they are worked again. */
	readonly repeat: {
		readonly rows: string;
		readonly rounds: string;
		readonly once: string;
		readonly often: string;
		/** How often is left open. */
		readonly open: string;
	};
}
