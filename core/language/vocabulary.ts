/** The terms of a text: each word or phrase of a language, the longest first, with its place. */

import type { Span } from '../result.ts';
import type { Language, Term, Words } from './language.ts';

export type TermToken = Span &
	(
		| { readonly kind: 'term'; readonly term: Term; readonly text: string }
		/** `more` are the numbers of further sizes, as in `3 (4/5)`. */
		| { readonly kind: 'number'; readonly value: number; readonly more?: readonly number[] }
		| { readonly kind: 'mark'; readonly text: string }
		/** No word of the language. */
		| { readonly kind: 'unknown'; readonly text: string }
	);

interface LanguageIndex {
	readonly words: ReadonlyMap<string, Term>;
	readonly labels: ReadonlyMap<string, Term>;
	readonly numbers: ReadonlyMap<string, number>;
	/** What phrases begin with, word by word: looking further than that finds none. */
	readonly starts: ReadonlySet<string>;
	/** Characters of the longest word, where words are not divided by spaces. */
	readonly widest: number;
}

/** Letters and digits that are written wide or narrow, and marks that stand for others. */
const SAME: Readonly<Record<string, string>> = {
	'、': ',',
	'，': ',',
	'：': ':',
	'（': '(',
	'）': ')',
	'。': '.',
	'；': ';',
	'〜': '-',
	'～': '-',
};

/** As long a text in small letters, with figures and marks as they are in English. */
export const narrow = (text: string): string =>
	!/[\u3000-\uffff]/.test(text)
		? text
		: [...text]
				.map((c) => SAME[c] ?? (/[\uff01-\uff5e]/.test(c) ? String.fromCharCode(c.charCodeAt(0) - 0xfee0) : c))
				.join('');

const tableOf = (...all: readonly Words[]): ReadonlyMap<string, Term> =>
	new Map(
		all.flatMap((words) =>
			Object.entries(words).flatMap(([term, said]) => said.split('|').map((phrase) => [phrase, term as Term] as const)),
		),
	);

const made = new Map<Language, LanguageIndex>();

function vocabularyOf(language: Language): LanguageIndex {
	const before = made.get(language);
	if (before) return before;
	const words = tableOf(language.words);
	const labels = tableOf(language.words, language.labels);
	const pairs = language.numbers.split(' ');
	const numbers = new Map(pairs.flatMap((word, i) => (i % 2 === 0 ? [[word, Number(pairs[i + 1])] as const] : [])));
	const phrases = [...labels.keys(), ...words.keys()];
	const vocabulary: LanguageIndex = {
		words,
		labels,
		numbers,
		starts: new Set(phrases.flatMap(startsOf)),
		widest: Math.max(...phrases.map((p) => p.length)),
	};
	made.set(language, vocabulary);
	return vocabulary;
}

/** `vor`, `vor die` and `vor die arbeit`. */
function startsOf(phrase: string): readonly string[] {
	const words = phrase.split(' ');
	return words.map((_, i) => words.slice(0, i + 1).join(' '));
}

interface WordPiece extends Span {
	readonly text: string;
	readonly kind: 'word' | 'number' | 'mark';
}

const PIECE = /(\p{L}[\p{L}\p{M}]*)|(\d+)|[^\s\p{L}\p{M}\d]/gu;
/** Divides words and says nothing. */
const APOSTROPHES = "'’ʼ`´";

function piecesOf(text: string, isUnspaced: boolean, known: ReadonlyMap<string, Term>, widest: number): WordPiece[] {
	const pieces: WordPiece[] = [];
	for (const found of narrow(text).toLowerCase().matchAll(PIECE)) {
		const [said, word, number] = found;
		const from = found.index;
		const kind = number !== undefined ? 'number' : word !== undefined ? 'word' : 'mark';
		if (kind === 'mark' && APOSTROPHES.includes(said)) continue;
		if (kind === 'word' && isUnspaced) pieces.push(...unspaced(said, from, known, widest));
		else pieces.push({ text: said, kind, from, to: from + said.length });
	}
	return pieces;
}

/** The longest known words of a run of letters, one after the other; what is between them is one word. */
function unspaced(run: string, from: number, known: ReadonlyMap<string, Term>, widest: number): WordPiece[] {
	const pieces: WordPiece[] = [];
	let strange = 0;
	let at = 0;
	const close = (): void => {
		if (at > strange) pieces.push({ text: run.slice(strange, at), kind: 'word', from: from + strange, to: from + at });
	};
	while (at < run.length) {
		let many = Math.min(widest, run.length - at);
		while (many > 0 && !known.has(run.slice(at, at + many))) many -= 1;
		if (many === 0) {
			at += 1;
			continue;
		}
		close();
		pieces.push({ text: run.slice(at, at + many), kind: 'word', from: from + at, to: from + at + many });
		at += many;
		strange = at;
	}
	close();
	return pieces;
}

/** What a number as a word must stand before, since most are articles too. */
const COUNTED: ReadonlySet<Term> = new Set(['stitch', 'times', 'knit', 'purl', 'row', 'round', 'more']);

/** The terms of a text. `labels`: words as they are meant in the label of a row. Total; linear in the text. */
export function tokensOf(language: Language, text: string, labels = false): readonly TermToken[] {
	const vocabulary = vocabularyOf(language);
	const known = labels ? vocabulary.labels : vocabulary.words;
	const pieces = piecesOf(text, language.isUnspaced ?? false, known, vocabulary.widest);
	const tokens: TermToken[] = [];
	for (let i = 0; i < pieces.length;) {
		const found = phraseAt(pieces, i, known, vocabulary.starts);
		const piece = pieces[i]!;
		const number = found && found.many > 1 ? undefined : vocabulary.numbers.get(piece.text);
		const next = number === undefined ? undefined : phraseAt(pieces, i + 1, known, vocabulary.starts)?.term;
		if (number !== undefined && next && COUNTED.has(next)) {
			tokens.push({ kind: 'number', value: number, from: piece.from, to: piece.to });
			i += 1;
		} else if (found) {
			const last = pieces[i + found.many - 1]!;
			const said = text.slice(piece.from, last.to);
			tokens.push({ kind: 'term', term: found.term, text: said, from: piece.from, to: last.to });
			i += found.many;
		} else {
			tokens.push(tokenOf(piece, number, text));
			i += 1;
		}
	}
	return tokens.some((t) => t.kind === 'mark' && '(['.includes(t.text)) ? withSizes(tokens) : tokens;
}

const OPEN = /^[([]$/;
const CLOSE = /^[)\]]$/;
/** What divides the numbers of sizes. */
const BETWEEN_SIZES = /^[,/:;–-]$/;

/** `3 (4/5)`, and `3 (4) 5` as it is usual in the north, as one number with those of further sizes. */
function withSizes(tokens: readonly TermToken[]): readonly TermToken[] {
	const made: TermToken[] = [];
	for (let i = 0; i < tokens.length;) {
		const token = tokens[i]!;
		const { more, end } = token.kind === 'number' ? sizesFrom(tokens, i + 1) : { more: [], end: i + 1 };
		made.push(
			token.kind === 'number' && more.length > 0
				? { kind: 'number', value: token.value, more, from: token.from, to: tokens[end - 1]!.to }
				: token,
		);
		i = end;
	}
	return made;
}

/** The numbers of further sizes from a place on, and where they end. */
function sizesFrom(tokens: readonly TermToken[], start: number): { more: readonly number[]; end: number } {
	const isMark = (i: number, marks: RegExp): boolean => {
		const token = tokens[i];
		return token?.kind === 'mark' && marks.test(token.text);
	};
	const more: number[] = [];
	let end = start;
	const take = (i: number): boolean => {
		const token = tokens[i];
		if (token?.kind !== 'number') return false;
		more.push(token.value);
		return true;
	};
	while (isMark(end, OPEN)) {
		const before = more.length;
		let i = end + 1;
		while (take(i) && isMark(i + 1, BETWEEN_SIZES)) i += 2;
		if (more.length === before || !isMark(i + 1, CLOSE)) {
			more.length = before;
			break;
		}
		end = i + 2;
		if (more.length === before + 1 && take(end)) end += 1;
	}
	return { more, end };
}

function tokenOf({ kind, text, from, to }: WordPiece, number: number | undefined, whole: string): TermToken {
	if (kind === 'number') return { kind, value: Number(text), from, to };
	if (kind === 'mark') return { kind, text, from, to };
	// An article that is no number here.
	if (number !== undefined) return { kind: 'term', term: 'filler', text: whole.slice(from, to), from, to };
	return { kind: 'unknown', text: whole.slice(from, to), from, to };
}

/** The longest phrase that begins at a piece; the stops of abbreviations in it say nothing. */
function phraseAt(
	pieces: readonly WordPiece[],
	i: number,
	known: ReadonlyMap<string, Term>,
	starts: ReadonlySet<string>,
): { readonly term: Term; readonly many: number } | undefined {
	let phrase = '';
	let found: { term: Term; many: number } | undefined;
	for (let k = i, words = 0; k < pieces.length; k++) {
		const { kind, text } = pieces[k]!;
		if (kind === 'mark' && text !== '×') {
			// “aig. aux.”: within a phrase, and before more of it, not at its end. A comma may stand before “wie”.
			if ((text === '.' || text === ',') && words > 0) continue;
			break;
		}
		phrase = words === 0 ? text : `${phrase} ${text}`;
		words += 1;
		if (!starts.has(phrase)) break;
		const term = known.get(phrase);
		if (term) found = { term, many: k - i + 1 };
	}
	return found;
}
