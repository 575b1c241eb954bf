/**
 * A glossary sentence taken apart into clauses: one verb each, with how many, where from, where to.
 * Nothing is decided here that the sentence does not say.
 */

import type { TreeCursor } from '@lezer/common';
import type { Problem, Span } from '../../result.ts';
import { isManner, readArguments, type Arguments } from './arguments.ts';
import { isWork, type Clause, type Token, type Verb } from './clause.ts';
import { plainly } from './plainly.ts';
import { parser } from './sentence.parser.js';

/** The longest sentence that is read, in characters. */
export const MAX_SENTENCE_LENGTH = 400;

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

const spanOf = (tokens: readonly Span[]): Span => ({ from: tokens[0]!.from, to: tokens.at(-1)!.to });

const idle = (text: string, { from, to }: Span): Problem => ({
	code: 'unknown-word',
	what: `“${text.slice(from, to).slice(0, 40)}” does not say what to do here.`,
	todo: 'Remove it, or write it as: sl 2 sts to cn and hold in front, k2, k2 from cn.',
	at: { from, to },
});

/** A clause with what is said after it without a verb of its own; none where the clause has no use for it. */
function completed(clause: Clause, said: Arguments, closed: boolean): Clause | undefined {
	if (said.idle || asksMore(said)) return undefined;
	const { source, side, beside, holder, tbl, wise } = said;
	// "(k1, p1) from cn": where the last one comes from, and so the list.
	if (source) return closed && !clause.source && !tbl && !wise ? { ...clause, source } : undefined;
	// "k2, through the back loops".
	if (tbl) return isWork(clause) && side === undefined && !beside ? { ...clause, tbl: true } : undefined;
	// "sl 2 to cn, in back", "hold in back, behind the first cn", "sl 2 to cn, purlwise".
	const hangs = clause.verb === 'slip' || clause.verb === 'hold' || clause.verb === 'bring';
	const saysMore = [side, beside, holder, wise].some((one) => one !== undefined);
	if (!hangs) return saysMore ? undefined : clause;
	if (side !== undefined && clause.side !== undefined && side !== clause.side) return undefined;
	const hung = { ...definedOf({ side, beside }), ...definedOf({ side: clause.side, beside: clause.beside }) };
	return { ...clause, ...hung, ...definedOf({ wise }) };
}

/** Whether there is something that only a verb of its own could use. */
const asksMore = ({ count, target, inner, rightmost, nth, into, yarn }: Arguments): boolean =>
	inner || rightmost || into || [count, target, nth, yarn].some((one) => one !== undefined);

/** The fields of an object that are there. */
const definedOf = <T extends object>(fields: T): { [K in keyof T]?: NonNullable<T[K]> } =>
	Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as {
		[K in keyof T]?: NonNullable<T[K]>;
	};

interface Segment {
	readonly tokens: Token[];
	opens: boolean;
	closed: boolean;
}

const OPENS: ReadonlySet<string> = new Set(['then', ';', '.', '(', '[']);
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
			const opens = OPENS.has(token.text);
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
