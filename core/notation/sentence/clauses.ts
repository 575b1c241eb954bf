/**
 * A glossary sentence taken apart into clauses: one verb each, with how many, where from, where to.
 * Nothing is decided here that the sentence does not say.
 */

import type { TreeCursor } from '@lezer/common';
import type { Side } from '../../crossing/index.ts';
import type { Problem, Span } from '../../result.ts';
import { plainly } from './plainly.ts';
import { parser } from './sentence.parser.js';

/** The longest sentence that is read, in characters. */
export const MAX_SENTENCE_LENGTH = 400;

export type Verb = 'slip' | 'hold' | 'knit' | 'purl' | 'return' | 'bring';

/** A holder as the sentence calls it; `undefined` for just "the cn". */
export type HolderName = 'first' | 'second' | 'other' | undefined;

export type Place = { readonly kind: 'left' | 'right' } | { readonly kind: 'holder'; readonly which: HolderName };

export interface Clause {
	/** Where it stands in the text. */
	readonly at: Span;
	readonly verb: Verb;
	readonly text: string;
	readonly count?: number | 'all';
	/** More than one is spoken of, without saying how many: "the sts", "them". */
	readonly several: boolean;
	/** One is spoken of, without a number: "the st". */
	readonly single: boolean;
	/** Where stitches are taken from, and where they are put. */
	readonly source?: Place;
	readonly target?: Place;
	/** A holder that is itself held or moved. */
	readonly holder?: { readonly which: HolderName };
	readonly side?: Side;
	/** "in front of the first cn", "behind the second cn". */
	readonly beside?: { readonly where: 'nearer' | 'further'; readonly which: HolderName };
	/** Of the stitches on a holder, those in its middle or next to the left needle are meant. */
	readonly inner: boolean;
	/** Of the stitches on a holder, the one at the other end, or the one of this number from the right. */
	readonly rightmost: boolean;
	readonly nth?: number;
	/** Something is worked into a stitch, as when two are made of one. */
	readonly into: boolean;
	readonly tbl: boolean;
	/** How the needle goes in, where it is said. */
	readonly wise?: 'knit' | 'purl';
	/** Where the yarn is meanwhile, where it is said. */
	readonly yarn?: Side;
	/** The first word that says nothing here, or a second time something else. */
	readonly idle?: Span;
	/** After "then", a bracket or a full stop: what follows up to "from cn" may all come from there. */
	readonly opens: boolean;
	/** A bracket was closed right before it. */
	readonly closed: boolean;
}

interface Token extends Span {
	readonly term: string;
	readonly text: string;
}

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const VERBS: Readonly<Record<string, Verb>> = {
	Slip: 'slip',
	Hold: 'hold',
	Knit: 'knit',
	Purl: 'purl',
	Return: 'return',
	Bring: 'bring',
};

/** The clauses of a sentence in their order, and a problem for each word that sentences do not use. Total, and linear in the text. */
export function clausesOf(typed: string): {
	readonly clauses: readonly Clause[];
	readonly problems: readonly Problem[];
	/** Parts that were read past: names, sizes and remarks. */
	readonly past: readonly Span[];
} {
	const { text, at, past, isTwisted } = plainly(typed);
	const place = ({ from, to }: Span): Span => ({ from: at[from]!, to: Math.max(at[from]!, at[to]!) });
	const { segments, problems } = segmentsOf(text);
	const clauses: Clause[] = [];
	const idles: Span[] = [];
	for (const segment of segments) {
		const before = clauses.length;
		clauses.push(...readSegment(text, segment, place));
		if (clauses.length > before) continue;
		const last = clauses.at(-1);
		const said = last && completed(last, readArguments(segment.tokens, last.verb), segment.closed);
		if (said) clauses[clauses.length - 1] = said;
		else if (segment.tokens.some(({ term }) => term !== 'Filler')) idles.push(spanOf(segment.tokens));
	}
	for (const { idle: at } of clauses) if (at) idles.push(at);
	if (clauses.length > 0) problems.push(...idles.map((at) => idle(text, at)));
	return {
		clauses: isTwisted ? clauses.map((c) => (isWork(c) ? { ...c, tbl: true } : c)) : clauses,
		problems: problems.map((p) => (p.at ? { ...p, at: place(p.at) } : p)),
		past,
	};
}

export const isWork = ({ verb }: Clause): boolean => verb === 'knit' || verb === 'purl';

const spanOf = (tokens: readonly Span[]): Span => ({ from: tokens[0]!.from, to: tokens.at(-1)!.to });

const idle = (text: string, { from, to }: Span): Problem => ({
	code: 'unknown-word',
	what: `“${text.slice(from, to).slice(0, 40)}” does not say what to do here.`,
	todo: 'Remove it, or write it as: sl 2 sts to cn and hold in front, k2, k2 from cn.',
	at: { from, to },
});

/** A clause with what is said after it without a verb of its own; none where the clause has no use for it. */
function completed(clause: Clause, said: Arguments, closed: boolean): Clause | undefined {
	const { source, side, beside, holder, idle: strange } = said;
	const { count, target, inner, rightmost, nth, into, tbl, wise, yarn } = said;
	if (strange || count !== undefined || target || inner || rightmost || nth !== undefined || into || yarn)
		return undefined;
	// "(k1, p1) from cn": where the last one comes from, and so the list.
	if (closed && source && !clause.source) return tbl || wise ? undefined : { ...clause, source };
	if (source) return undefined;
	// "k2, through the back loops", "sl 2 to cn, purlwise".
	if (tbl && !(isWork(clause) && side === undefined && !beside)) return undefined;
	if (tbl) return { ...clause, tbl: true };
	// "sl 2 to cn, in back", "hold in back, behind the first cn".
	const hangs = clause.verb === 'slip' || clause.verb === 'hold' || clause.verb === 'bring';
	const isMore = side !== undefined || beside !== undefined || holder !== undefined || wise !== undefined;
	if (!hangs) return isMore ? undefined : clause;
	if (side !== undefined && clause.side !== undefined && side !== clause.side) return undefined;
	return {
		...clause,
		...(side !== undefined && clause.side === undefined ? { side } : {}),
		...(beside !== undefined && clause.beside === undefined ? { beside } : {}),
		...(wise === undefined ? {} : { wise }),
	};
}

interface Segment {
	readonly tokens: Token[];
	opens: boolean;
	closed: boolean;
}

const OPENS = /^(?:then|[;.([])$/i;
const CLOSES = /^[)\]]$/;

function segmentsOf(text: string): { segments: Segment[]; problems: Problem[] } {
	const segments: Segment[] = [{ tokens: [], opens: false, closed: false }];
	const problems: Problem[] = [];
	const strange = (from: number, to: number): void => {
		const word = text.slice(from, to).trim();
		if (!word) return;
		problems.push({
			code: 'unknown-word',
			what: `“${word.slice(0, 24)}” is not a word we know in a sentence.`,
			todo: 'Use: sl, hold in front or in back, k, p, from cn, return to left needle, bring cn to front.',
			at: { from, to },
		});
	};
	let covered = 0;
	const see = ({ name, from, to }: TreeCursor, isStrange: boolean): void => {
		if (from > covered) strange(covered, from);
		covered = Math.max(covered, to);
		if (isStrange) {
			if (to > from) strange(from, to);
			return;
		}
		const token = { term: name, from, to, text: text.slice(from, to).toLowerCase() };
		if (name === 'Mark' || name === 'Joining') {
			const opens = OPENS.test(token.text);
			const closed = CLOSES.test(token.text);
			const last = segments.at(-1)!;
			// "; then" is one break, not two.
			if (last.tokens.length === 0) {
				last.opens ||= opens;
				last.closed ||= closed;
			} else segments.push({ tokens: [], opens, closed });
		} else segments.at(-1)!.tokens.push(token);
	};
	eachWord(parser.parse(text).cursor(), false, see);
	if (covered < text.length) strange(covered, text.length);
	return { segments, problems };
}

/** The words of a tree in their order, by a cursor, which is moved and not made anew; and whether the grammar could not place one. */
function eachWord(cursor: TreeCursor, isInError: boolean, see: (word: TreeCursor, isStrange: boolean) => void): void {
	do {
		const { isError, isTop } = cursor.type;
		if (cursor.firstChild()) {
			eachWord(cursor, isError, see);
			cursor.parent();
		} else if (!isTop) see(cursor, isError || isInError);
	} while (cursor.nextSibling());
}

/** Each verb opens a clause; what stands before the first one belongs to it. */
function readSegment(text: string, { tokens, opens, closed }: Segment, place: (at: Span) => Span): Clause[] {
	const starts: number[] = [];
	for (const [i, { term }] of tokens.entries())
		if (VERBS[term] && !isAdjective(tokens, i) && !isManner(tokens, i)) starts.push(i);
	return starts.map((start, nth) => {
		const end = starts[nth + 1] ?? tokens.length;
		const { from } = tokens[nth === 0 ? 0 : start]!;
		const { to } = tokens[end - 1]!;
		const args = [...(nth === 0 ? tokens.slice(0, start) : []), ...tokens.slice(start + 1, end)];
		const said = readArguments(args, VERBS[tokens[start]!.term]!);
		// “hold hold in front”: the first one says nothing.
		if (args.length === 0 && nth < starts.length - 1) said.idle ??= tokens[start]!;
		// Onto what was just made for it: a copy of so many fields costs more than reading them.
		return Object.assign(said, {
			at: place({ from, to }),
			verb: VERBS[tokens[start]!.term]!,
			text: text.slice(from, to),
			opens: opens && nth === 0,
			closed: closed && nth === 0,
		});
	});
}

/** "the purl st": a stitch of that kind, not something to do. */
const isAdjective = (tokens: readonly Token[], i: number): boolean =>
	(tokens[i]!.term === 'Knit' || tokens[i]!.term === 'Purl') &&
	['Filler', 'Slip', 'Return'].includes(tokens[i - 1]?.term ?? '') &&
	tokens[i + 1]?.term === 'Stitch';

/** "as to purl", "as if to knit": how the needle goes in, and not something to do. */
function isManner(tokens: readonly Token[], i: number): boolean {
	const term = tokens[i]?.term;
	if (term !== 'Knit' && term !== 'Purl') return false;
	if (tokens[i - 1]?.term !== 'To') return false;
	const before = tokens[i - 2]?.text === 'if' ? tokens[i - 3] : tokens[i - 2];
	return before?.text === 'as';
}

/** What a needle is called by. */
const NEEDLES: ReadonlySet<string> = new Set(['LeftNeedle', 'LeftWord', 'RightWord', 'Hand', 'Needle']);

type Arguments = Omit<Clause, 'verb' | 'text' | 'at' | 'opens' | 'closed'>;

type Found = { -readonly [K in keyof Arguments]: Arguments[K] };

function readArguments(tokens: readonly Token[], verb: Verb): Found {
	const found: Found = {
		several: false,
		single: false,
		inner: false,
		rightmost: false,
		into: false,
		tbl: false,
	};
	let preposition: 'from' | 'to' | undefined;
	let isOf = false;
	let i = 0;
	const term = (ahead = 0): string | undefined => tokens[i + ahead]?.term;
	const skipFillers = (at: number): number => {
		while (tokens[at]?.term === 'Filler' || tokens[at]?.term === 'Dash') at += 1;
		return at;
	};

	/** A holder at a place in the tokens, with its ordinal; gives where it ends. */
	const holderAt = (start: number, bare = false): { which: HolderName; end: number } | undefined => {
		let at = skipFillers(start);
		let which: HolderName;
		const t = tokens[at];
		if (t?.term === 'Ordinal') {
			which = t.text === 'first' ? 'first' : t.text === 'second' ? 'second' : 'other';
			at = skipFillers(at + 1);
		} else if (t?.term === 'Count' && ['st', 'nd'].includes(tokens[at + 1]?.text ?? '')) {
			which = t.text === '1' ? 'first' : 'second';
			at = skipFillers(at + 2);
		}
		if (tokens[at]?.term === 'Holder') {
			// "cn1" and "cn2", written together.
			const number = tokens[at + 1];
			const numbered = number?.term === 'Count' && number.from === tokens[at]!.to && /^[12]$/.test(number.text);
			if (!numbered) return { which, end: at + 1 };
			return { which: number.text === '1' ? 'first' : 'second', end: at + 2 };
		}
		if (bare && which && !tokens[at]) return { which, end: at };
		if (tokens[at]?.term !== 'Cable') return undefined;
		const needle = skipFillers(at + 1);
		return { which, end: tokens[needle]?.term === 'Needle' ? needle + 1 : at + 1 };
	};
	const needleAt = (): number | undefined => {
		if (term() === 'LeftNeedle') return i + 1;
		let at = skipFillers(i + 1);
		if (tokens[at]?.term === 'Hand') at = skipFillers(at + 1);
		return tokens[at]?.term === 'Needle' ? at + 1 : undefined;
	};
	const put = (place: Place): void => {
		if (preposition === 'from') found.source = place;
		// “In front of the left needle” is in front; of the right one nothing waits to be crossed.
		else if (preposition === 'to' || (isOf && place.kind === 'right')) found.target = place;
		else if (place.kind === 'holder') found.holder = { which: place.which };
		else if (found.source || found.target) found.idle ??= tokens[i]!;
		preposition = undefined;
		isOf = false;
	};

	while (i < tokens.length) {
		const token = tokens[i]!;
		const holder = ['Holder', 'Cable', 'Ordinal', 'Count'].includes(token.term) ? holderAt(i) : undefined;
		if (holder) {
			put({ kind: 'holder', which: holder.which });
			i = holder.end;
			continue;
		}
		switch (token.term) {
			case 'Count': {
				const next = tokens[i + 1];
				const isNth = next?.from === token.to && (next.term === 'Suffix' || next.text === 'st');
				if (isNth) {
					found.nth = Number(token.text);
					i += 1;
				} else if (found.count === undefined) found.count = Number(token.text);
				else found.idle ??= token;
				break;
			}
			case 'Number':
				if (found.count === undefined) found.count = token.text === 'all' ? 'all' : NUMBERS.indexOf(token.text) + 1;
				else found.idle ??= token;
				break;
			case 'Ordinal':
				// “The first st”; “the other sts” only tells them from those before.
				if (token.text === 'first' || token.text === 'second') found.nth = token.text === 'first' ? 1 : 2;
				else if (tokens[skipFillers(i + 1)]?.term !== 'Stitch') found.idle ??= token;
				break;
			case 'As': {
				// Only before “to knit” or “to purl”.
				const next = tokens[i + 1]?.text === 'if' ? i + 2 : i + 1;
				const isBefore = token.text === 'as' ? isManner(tokens, next + 1) : tokens[i - 1]?.text === 'as';
				if (!isBefore) found.idle ??= token;
				break;
			}
			case 'RightMost':
				found.rightmost = true;
				break;
			case 'Stitch':
				if (preposition === 'to' && tokens[i - 1]?.term !== 'Loop') found.into = true;
				if (/s$/.test(token.text)) found.several = true;
				else found.single = true;
				break;
			case 'Them':
				if (token.text !== 'it') found.several = true;
				break;
			case 'Of':
				isOf = true;
				break;
			case 'From':
			case 'To': {
				// “On to” is one word, and so is “off of”; “to from” is none.
				const before = tokens[i - 1];
				const isTwo = before?.term === 'From' || before?.term === 'To';
				const isOnto = token.text === 'to' && (before?.text === 'on' || before?.text === 'in');
				const isSide = ['Front', 'Back'].includes(tokens[skipFillers(i + 1)]?.term ?? '');
				if ((isTwo && (!isOnto || isSide)) || i === tokens.length - 1) found.idle ??= token;
				preposition = token.term === 'From' ? 'from' : 'to';
				break;
			}
			case 'Tbl':
				found.tbl = true;
				break;
			case 'Through': {
				// Through the front of it is how every stitch is worked; the back, or nothing said, twists it.
				let isFront = false;
				while (i + 1 < tokens.length && term(1) !== 'Loop') {
					i += 1;
					isFront ||= term() === 'Front';
					if (!['Front', 'Back', 'Filler'].includes(term()!)) found.idle ??= tokens[i]!;
				}
				found.tbl = !isFront;
				break;
			}
			case 'Knit':
			case 'Purl':
				if (isManner(tokens, i)) found.wise = token.term === 'Knit' ? 'knit' : 'purl';
				break;
			case 'Wise':
				found.wise = token.text.startsWith('k') ? 'knit' : 'purl';
				break;
			case 'YarnBack':
			case 'YarnFront':
				found.yarn = token.term === 'YarnBack' ? 'back' : 'front';
				break;
			case 'CentreWord':
				found.inner = true;
				break;
			case 'LeftNeedle':
			case 'LeftWord':
			case 'RightWord': {
				const dash = term(1) === 'Dash' ? 2 : 1;
				if (term(dash) === 'Most') {
					found.inner = token.term === 'LeftWord';
					i += dash;
					break;
				}
				const end = needleAt();
				if (end === undefined) {
					found.idle ??= token;
					break;
				}
				put({ kind: token.term === 'RightWord' ? 'right' : 'left' });
				i = end - 1;
				break;
			}
			case 'Front':
			case 'Back':
			case 'Behind': {
				// "back to the left needle" is a way of putting, not a side; "in back on the cn" is a side.
				const onto = term(1) === 'To' ? tokens[skipFillers(i + 2)]?.term : undefined;
				if (token.term === 'Back' && onto && NEEDLES.has(onto)) break;
				// "into the back loop", "in the front leg".
				if (term(1) === 'Loop') {
					found.tbl = token.term === 'Back';
					preposition = undefined;
					break;
				}
				const where = token.term === 'Front' ? 'nearer' : 'further';
				const beside =
					term(1) === 'Of' ? holderAt(i + 2, true) : token.term === 'Behind' ? holderAt(i + 1, true) : undefined;
				if (beside) {
					found.beside = { where, which: beside.which };
					i = beside.end - 1;
				} else {
					const side = token.term === 'Front' ? 'front' : 'back';
					// Of what is slipped or worked a side needs its “in”; “hold front” does without.
					const isBare =
						preposition === undefined && verb !== 'hold' && verb !== 'bring' && tokens[i - 1]?.term !== 'Holder';
					if ((isBare && (token.term !== 'Behind' || verb === 'slip')) || (found.side ?? side) !== side)
						found.idle ??= token;
					found.side ??= side;
				}
				isOf = token.term === 'Behind' && !beside;
				preposition = undefined;
				break;
			}
		}
		i += 1;
	}
	return found;
}
