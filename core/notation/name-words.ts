/**
 * The words that names are made of, each with its term in the grammar and what
 * it says. Case never matters. One word has one term, so that "C" is the same
 * part in "2/2 R C" and in "C4F" and only its place decides.
 */

import * as terms from './names.parser.terms.js';

export interface NameWord {
	readonly term: number;
	/** What the part says, as shown to someone who is decoding a name. */
	readonly says: string;
}

const table: readonly (readonly [words: string, term: number, says: string])[] = [
	['rc', terms.RightCross, 'leans right, all knit'],
	['lc', terms.LeftCross, 'leans left, all knit'],
	['rpc', terms.RightPurlCross, 'leans right, the back group is purled'],
	['lpc', terms.LeftPurlCross, 'leans left, the back group is purled'],
	['fpc', terms.LeftPurlCross, 'the first group is held in front, so it leans left; the back group is purled'],
	['bpc', terms.RightPurlCross, 'the first group is held at the back, so it leans right; the back group is purled'],
	['fc', terms.FrontCross, 'the first group is held in front, so it leans left'],
	['bc', terms.BackCross, 'the first group is held at the back, so it leans right'],
	['r right rgt', terms.Right, 'leans right'],
	['l left lft', terms.Left, 'leans left'],
	['leaning', terms.Leaning, 'the way it leans'],
	['k knit', terms.Knit, 'knit'],
	['p purl', terms.Purl, 'the back group is purled'],
	['cross crossing cr', terms.Cross, 'a crossing'],
	['cable', terms.Cable, 'a crossing, all knit'],
	['twist tw', terms.Twist, 'a crossing, the back group is purled'],
	['c', terms.LetterC, 'a crossing, all knit'],
	['t', terms.LetterT, 'a crossing, the back group is purled'],
	['cf', terms.CrossFront, 'a crossing, all knit, the first group held in front'],
	['cb', terms.CrossBack, 'a crossing, all knit, the first group held at the back'],
	['tf', terms.TwistFront, 'the back group is purled, the first group held in front'],
	['tb', terms.TwistBack, 'the back group is purled, the first group held at the back'],
	['f front frt forward forwards fw fwd', terms.Front, 'the first group is held in front'],
	['fp', terms.FrontPurl, 'the first group is held in front, the back group is purled'],
	['bp', terms.BackPurl, 'the first group is held at the back, the back group is purled'],
	['b back bk backward backwards', terms.Back, 'the first group is held at the back'],
	['x over by', terms.TimesOrOver, 'over'],
	['rt', terms.RightTwist, 'one stitch over one, leaning right, both knit'],
	['lt', terms.LeftTwist, 'one stitch over one, leaning left, both knit'],
	['rpt', terms.RightPurlTwist, 'one stitch over one, leaning right, the lower one purled'],
	['lpt', terms.LeftPurlTwist, 'one stitch over one, leaning left, the lower one purled'],
	['st sts stitch stitches', terms.Stitch, 'stitches in all'],
	['bg background', terms.Background, 'the stitches between cables'],
	['centre center', terms.Centre, 'the centre group'],
	['between', terms.LiesBetween, 'lies between the outer groups'],
	['behind', terms.LiesBehind, 'lies behind both outer groups'],
	['tbl', terms.Tbl, 'every knit stitch through the back loop'],
];

/** Numbers as words, as in “one over two”. */
export const NUMBER_WORDS = 'one two three four five six seven eight nine ten eleven twelve'.split(' ');
export const numberIn = (word: string): number | undefined => {
	const at = NUMBER_WORDS.indexOf(word.toLowerCase());
	return at === -1 ? undefined : at + 1;
};

export const WORDS: ReadonlyMap<string, NameWord> = new Map(
	table.flatMap(([words, term, says]) => words.split(' ').map((word) => [word, { term, says }] as const)),
);

/** The grammar's question: which part is this word? -1 when it is none that names use. */
export const wordTerm = (word: string): number =>
	WORDS.get(word.toLowerCase())?.term ?? (numberIn(word) === undefined ? -1 : terms.numberWord);

/**
 * The text without signs that say nothing in a name: what ends a line, and the dashes of words such as
 * `2-st`, `1-over-1` and `right-leaning`. Everything else stays where it stood.
 */
export const sayingSigns = (text: string): string =>
	text
		.replace(/[\s:.;]+$/, '')
		.replaceAll(/\bto (?:the )?(?=(?:front|back|right|left)\b)/gi, (said) => ' '.repeat(said.length))
		// “R.C.”, “Rt cross”, “Lt cross”: the letter alone.
		.replaceAll(/(?<=\b[a-z])\.(?=[a-z]\b)/gi, ' ')
		.replaceAll(/\b([rl])t(?=[\s-]+(?:purl\s+)?(?:cross|cable)\b)/gi, '$1 ')
		.replaceAll(/(?<=[a-z])[-‐‑–](?=[a-z])|(?<=\d)[-‐‑–](?=[a-z]{2})|(?<=[a-z]{2})[-‐‑–](?=\d)/gi, ' ');
