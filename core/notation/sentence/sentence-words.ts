/** The words that glossary sentences are made of, each with its term in the grammar. Case never matters. */

import * as terms from './sentence.parser.terms.js';

const table: readonly (readonly [words: string, term: number])[] = [
	['sl slip slips slipped slipping slide place put transfer move', terms.Slip],
	['hold holds held holding leave keep let hang hanging', terms.Hold],
	['k knit knits knitting', terms.Knit],
	['p purl purls purling', terms.Purl],
	['return replace', terms.Return],
	['bring swing shift switch take pass', terms.Bring],
	['one two three four five six seven eight nine ten eleven twelve all', terms.Number],
	['first second other another', terms.Ordinal],
	['st sts stitch stitches unit units pair pairs peg pegs', terms.Stitch],
	['nd rd th', terms.Suffix],
	['cn cns holder holders dpn prong prongs', terms.Holder],
	['cable', terms.Cable],
	['needle needles', terms.Needle],
	['ln lhn', terms.LeftNeedle],
	['left lh', terms.LeftWord],
	['right rh', terms.RightWord],
	['hand', terms.Hand],
	['most', terms.Most],
	['leftmost last', terms.CentreWord],
	['rightmost', terms.RightMost],
	['centre center middle', terms.CentreWord],
	['front forward', terms.Front],
	['back rear', terms.Back],
	['behind', terms.Behind],
	['of', terms.Of],
	['from off', terms.From],
	['to onto on in into at', terms.To],
	['tbl', terms.Tbl],
	['through thru', terms.Through],
	['loop loops leg legs', terms.Loop],
	['knitwise purlwise kwise pwise', terms.Wise],
	['it them these those', terms.Them],
	['the a an next your you its their this that which with while work working piece remaining so', terms.Filler],
	['as if', terms.As],
	['wyib', terms.YarnBack],
	['wyif', terms.YarnFront],
	['and then', terms.Joining],
];

const WORDS: ReadonlyMap<string, number> = new Map(
	table.flatMap(([words, term]) => words.split(' ').map((word) => [word, term] as const)),
);

/** The grammar's question: which part is this word? -1 when sentences do not use it. */
export const sentenceTerm = (word: string): number => WORDS.get(word.toLowerCase()) ?? -1;

/**
 * Words that a sentence may have or leave out: they join what is said, or say what goes without saying (that a stitch
 * is a stitch, that what is put somewhere is held there). Every other word that is read counts: without it, or with
 * its opposite in its place, the sentence means something else or is not read.
 */
export const SENTENCE_FILLERS: readonly string[] = [
	...'and then now so the a an next following your you as its it them this that those which while with are is'.split(
		' ',
	),
	...'work working piece fabric st sts stitch stitches unit units pair pairs needle ndl hand lh ln lhn cn cable pin safety loop yarn'.split(
		' ',
	),
	...'on onto in into at to from of off through between both all together using end'.split(' '),
	...'hold held holding leave keep place let bring sl slip take pass remove'.split(' '),
];
