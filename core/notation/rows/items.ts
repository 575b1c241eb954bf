/** What the instructions of a row ask for, as a tree of items. What they do to stitches is told in `core/swatch`. */

import type { SyntaxNode } from '@lezer/common';
import type { Crossing } from '../../crossing/index.ts';
import type { Problem, Span } from '../../result.ts';
import { closeNames } from '../close.ts';
import type { Glossary } from '../glossary.ts';
import { nameParts } from '../name-parts.ts';
import { nameInWith, readNameWith, type NameSettled } from '../read-with.ts';
import { MAX_NAME_LENGTH, readAll, type NameRead, type Reading, type StatedSchool } from '../read.ts';
import { SCHOOLS, type SchoolId } from '../schools.ts';
import { fabricIn, type Fabric } from './fabrics.ts';
import { ROWS_LIMITS } from './limits.ts';
import {
	asTheyStand,
	eitherOf,
	isEnd,
	isPattern,
	isPlainStitch,
	isSet,
	isStitches,
	leadsToCount,
	MARKERS,
	MOST_PHRASE,
	ROW_FILLERS,
	SIZE_IN_BRACKETS,
	SLIPPED_HOW,
} from './phrases.ts';
import { reach } from './plainly.ts';
import { stitchWord, STITCH_KINDS, type StitchKind } from './stitches.ts';
import { MOST_UNTIL, untilIn, wordNumber, type Until } from './until.ts';

export type Item = Span &
	(
		| { readonly kind: 'stitch'; readonly stitch: StitchKind; readonly until: Until }
		| {
				readonly kind: 'crossing';
				readonly name: string;
				/** As the worker sees it. */
				readonly crossing: Crossing;
				/** The school that read it, or the glossary. */
				readonly by: SchoolId | 'glossary';
				/** Everything else that schools mean by the same name. */
				readonly also: readonly Reading[];
		  }
		/** Knit the knits and purl the purls. */
		/** `isSet`: it is said to go on as set, so there must be something set. */
		| { readonly kind: 'as-they-stand'; readonly until: Until; readonly isSet?: true }
		| { readonly kind: 'fabric'; readonly fabric: Fabric; readonly until: Until }
		| { readonly kind: 'marker'; readonly does: 'place' | 'slip' | 'remove' }
		| { readonly kind: 'group'; readonly items: readonly Item[]; readonly times: number }
		/** From the star on, over and over; worked at least once. */
		| { readonly kind: 'star'; readonly items: readonly Item[]; readonly until: Until }
		/** Nothing is known of it. */
		| { readonly kind: 'unknown'; readonly text: string; readonly problem: Problem }
	);

/** A change of the text that would mend something for certain. */
export interface Fix extends Span {
	readonly title: string;
	readonly text: string;
	/** It is what a school means by the very text, and no correction. */
	readonly reads?: true;
}

export interface RowProblem extends Problem {
	readonly at: Span;
	readonly fixes?: readonly Fix[];
}

interface RowToken extends Span {
	readonly name: string;
	readonly text: string;
	readonly node: SyntaxNode;
}

/** Names are looked up once for a text of many rows. */
export interface NameReader {
	readonly school: StatedSchool;
	/** The name, when the text is one; nothing as well when more different texts were looked up than is stated. */
	readonly read: (text: string) => NameSettled | NameRead | undefined;
	/** What may have been meant by a text that is no name; given for so many different texts, then for none. */
	readonly near: (text: string) => readonly Omit<Fix, keyof Span>[];
	/** Whether a text is a name by which patterns mean different things. */
	readonly isAmbiguous: (text: string) => boolean;
	/** Whether so many different texts were looked up that some were not. */
	readonly isSpent: () => boolean;
}

export function nameReader(glossary: Glossary, school: StatedSchool, among?: readonly SchoolId[]): NameReader {
	const known = new Map<string, NameSettled | NameRead | undefined>();
	const offered = new Map<string, readonly Omit<Fix, keyof Span>[]>();
	let spent = false;
	return {
		school,
		read(text) {
			if (known.has(text)) return known.get(text);
			if (known.size >= ROWS_LIMITS.names) {
				spent = true;
				return undefined;
			}
			const read = nameInWith(glossary, text, school, among);
			known.set(text, read);
			return read;
		},
		near(text) {
			const before = offered.get(text);
			if (before) return before;
			if (offered.size >= ROWS_LIMITS.offers) return [];
			const fixes = fixesFor(glossary, text, school, among);
			offered.set(text, fixes);
			return fixes;
		},
		isAmbiguous: (text) => text.length <= MAX_NAME_LENGTH && readAll(text).readings.length > 1,
		isSpent: () => spent,
	};
}

/** Other schools' readings of a name, or names near to it. */
function fixesFor(
	glossary: Glossary,
	text: string,
	school: StatedSchool,
	among?: readonly SchoolId[],
): readonly Omit<Fix, keyof Span>[] {
	const either = eitherOf(text);
	if (either) return either.map((word) => ({ title: `Write ${word}`, text: word, reads: true as const }));
	const read = text.length <= MAX_NAME_LENGTH ? readNameWith(glossary, text, school, 0, among) : undefined;
	const readings = read && !read.ok ? read.readings : [];
	if (readings.length > 0) {
		return readings.flatMap((r) => {
			const slash = SCHOOLS.slash.write(r.crossing);
			return slash
				? [
						{
							title: `Write ${slash}, as patterns with ${SCHOOLS[r.school].title} mean it`,
							text: slash,
							reads: true as const,
						},
					]
				: [];
		});
	}
	const own = SCHOOLS[school === 'any' ? 'slash' : school];
	const parts = text.length <= MAX_NAME_LENGTH ? nameParts(text) : { understood: [], unknown: [] };
	// When nothing is understood, examples stand in, which are no correction.
	const close = parts.understood.length > 0 ? closeNames(text, own, parts).filter((c) => c.school === own.id) : [];
	return close.slice(0, 2).map((c) => ({ title: `Write ${c.name}`, text: c.name }));
}

const MOST_TIMES = 1000;
/** Words of a name that are looked at together, such as `3 over 3 right cross`. */
const MOST_WORDS = 7;
/** Full stops that may stand about a word which is a whole row. */
const MOST_STOPS = 8;
/** Words that are shown as one when none of them is understood. */
const MOST_RUN = 48;
/** What was read, and the place of the token behind it. */
interface ItemRead {
	readonly item: Item;
	readonly next: number;
}

function crossingItem(name: string, read: NameSettled | NameRead, at: Span): Item {
	const by = 'settledBy' in read ? ('glossary' as const) : read.school;
	const also = read.meanings.slice(1).map((m) => ({ ...m, school: read.school }));
	return { kind: 'crossing', name, crossing: read.crossing, by, also, ...at };
}

export class ItemReader {
	readonly problems: RowProblem[] = [];
	readonly #text: string;
	readonly #names: NameReader;
	#rib: Fabric | undefined;
	readonly #sentences: ReadonlyMap<number, number>;

	/** `sentences`: where a crossing that is said in a sentence ends, by where it begins. */
	constructor(text: string, names: NameReader, sentences: ReadonlyMap<number, number> = new Map()) {
		this.#text = text;
		this.#names = names;
		this.#sentences = sentences;
	}

	/** Whether a text is the name of a crossing. */
	isName(text: string): boolean {
		return this.#names.read(text.trim()) !== undefined;
	}

	/** The items of an `Instructions` node. */
	read(node: SyntaxNode): readonly Item[] {
		return this.#items(this.#tokens(node));
	}

	#tokens(node: SyntaxNode): RowToken[] {
		const tokens: RowToken[] = [];
		for (let child = node.firstChild; child; child = child.nextSibling) {
			if (child.name === 'Comment' || child.name === 'Open' || child.name === 'CloseGroup') continue;
			const { from, to } = child;
			if (child.type.isError) {
				const unclosed = from === to;
				this.problems.push({
					code: unclosed ? 'unclosed' : 'not-read',
					what: unclosed ? 'This bracket is not closed.' : `“${this.#text.slice(from, to)}” is not understood here.`,
					todo: unclosed
						? 'Write ] or ) where the part to repeat ends.'
						: 'Remove it, or write it as a comment after #.',
					at: unclosed ? { from: node.from, to: node.to } : { from, to },
				});
				continue;
			}
			tokens.push({ name: child.name, from, to: reach(this.#text, to), text: this.#text.slice(from, to), node: child });
		}
		return tokens;
	}

	#items(tokens: readonly RowToken[]): readonly Item[] {
		const items: Item[] = [];
		const backs = nextRepeat(tokens);
		let i = 0;
		while (i < tokens.length) i = this.#next(tokens, i, backs, items);
		return items;
	}

	/** Reads what begins at a token; gives the place of the next one. */
	#next(tokens: readonly RowToken[], i: number, backs: readonly number[], items: Item[]): number {
		const token = tokens[i]!;
		switch (token.name) {
			case 'Comma':
			case 'Semicolon':
			case 'Stop':
				return i + 1;
			case 'Star':
				return this.#star(tokens, i, backs[i]!, items);
			case 'RepeatFrom':
				this.#complain(
					token,
					'star',
					'There is no star before this to repeat from.',
					'Put a * where the part to repeat begins.',
				);
				return this.#until(tokens, i + 1, true).next;
			case 'Group':
				return this.#group(tokens, i, items);
			case 'Term':
				return this.#term(tokens, i, items);
			default:
				this.#unknown(tokens, i, i + 1, items);
				return i + 1;
		}
	}

	/** `*k2, p2; rep from * to end`, with what it ends with behind it. */
	#star(tokens: readonly RowToken[], i: number, back: number, items: Item[]): number {
		const token = tokens[i]!;
		if (back === -1) {
			const todo = 'Write “; rep from * to end” after it, or remove the star.';
			this.#complain(token, 'star', 'This star has no repeat.', todo);
			return i + 1;
		}
		const inner = this.#items(tokens.slice(i + 1, back));
		const { until: said, next: beyond } = this.#until(tokens, back + 1, true);
		const ending = this.#ending(tokens, beyond);
		// “rep from * to end”, or no more: what stands right behind it says how far.
		if (!said && ending === undefined && tokens[beyond]?.name === 'Term')
			this.#complain(
				tokens[beyond]!,
				'star',
				`“${tokens[beyond]!.text}” does not say how far the part is repeated.`,
				'Write “rep from * to end”, “to last 2 sts” or “3 times”; put a comma before what follows.',
			);
		const next = ending ?? beyond;
		// “rep from *, end p2”: up to as many as the end takes.
		const taken = ending === undefined || said ? undefined : takenBy(this.#items(tokens.slice(next)));
		const until: Until = said ?? (taken === undefined ? { kind: 'end' } : { kind: 'last', left: taken });
		items.push({ kind: 'star', items: inner, until, from: token.from, to: tokens[beyond - 1]!.to });
		return next;
	}

	/** `[k1, p1] 3 times`; behind a name `(4 sts)`, how many it takes, which must be what it takes. */
	#group(tokens: readonly RowToken[], i: number, items: Item[]): number {
		const token = tokens[i]!;
		const before = items.at(-1);
		const size = before?.kind === 'crossing' ? SIZE_IN_BRACKETS.exec(token.text) : null;
		if (size && before?.kind === 'crossing') {
			const what = `${before.name} takes ${before.crossing.n} stitches, and ${size[1]} are said.`;
			if (Number(size[1]) !== before.crossing.n) this.#complain(token, 'size', what, 'Correct one of the two.');
			return i + 1;
		}
		const inner = this.#items(this.#tokens(token.node));
		const { until, next } = this.#until(tokens, i + 1, false);
		const at = { from: token.from, to: tokens[next - 1]!.to };
		if (until !== undefined && until.kind !== 'times') items.push({ kind: 'star', items: inner, until, ...at });
		else items.push({ kind: 'group', items: inner, times: until?.times ?? 1, ...at });
		return next;
	}

	/** Behind a repeat, `, end with p2` or `ending k2`: the place of what it ends with. */
	#ending(tokens: readonly RowToken[], at: number): number | undefined {
		let i = at;
		while (tokens[i]?.name === 'Comma' || tokens[i]?.name === 'Semicolon') i += 1;
		if (tokens[i]?.name !== 'Term' || !isEnd(tokens[i]!.text)) return undefined;
		i += 1;
		return tokens[i]?.text.toLowerCase() === 'with' ? i + 1 : i;
	}

	/** Reads what begins at a word; gives the place of the next token. */
	#term(tokens: readonly RowToken[], i: number, items: Item[]): number {
		const run = this.#run(tokens, i);
		const word = run[0]!.text.toLowerCase();
		const read =
			this.#asTheyStand(tokens, i, run) ??
			this.#inFabric(tokens, i) ??
			this.#asSet(tokens, i) ??
			this.#marker(i, run) ??
			this.#stitch(tokens, i) ??
			this.#crossing(tokens, i, run);
		if (read) {
			items.push(read.item);
			return read.next;
		}
		// “Turn” ends a row; in the middle of one it begins a short row, which is not worked here.
		const isLast = (): boolean => !tokens.slice(i + 1).some((t) => t.name !== 'Stop' && t.name !== 'Comma');
		if (word === 'turn' ? isLast() : ROW_FILLERS.has(word)) return i + 1;
		const many = this.#ambiguous(run) ?? run.length;
		this.#unknown(tokens, i, i + many, items);
		return i + many;
	}

	/** `knit the knits and purl the purls to last 3 sts`: the longest way of saying it, and how far. */
	#asTheyStand(tokens: readonly RowToken[], i: number, run: readonly RowToken[]): ItemRead | undefined {
		for (let many = Math.min(MOST_PHRASE, run.length); many > 1; many--) {
			const phrase = run
				.slice(0, many)
				.map((t) => t.text.toLowerCase())
				.join(' ');
			const stands = asTheyStand(phrase);
			if (!stands) continue;
			const { until, next } = this.#until(tokens, i + many, false);
			const last = tokens[until ? next - 1 : i + many - 1]!;
			const set = stands.isSet ? { isSet: true as const } : {};
			const at = { from: run[0]!.from, to: last.to };
			const item: Item = { kind: 'as-they-stand', until: until ?? { kind: 'end' }, ...set, ...at };
			return { item, next: until ? next : i + many };
		}
		return undefined;
	}

	/** `pm`, `place marker`, `slip a marker`. */
	#marker(i: number, run: readonly RowToken[]): ItemRead | undefined {
		const does = MARKERS[run[0]!.text.toLowerCase()];
		const [first, second, third] = run.slice(0, 3).map((t) => t.text.toLowerCase());
		const words = second === 'marker' ? 2 : second === 'a' && third === 'marker' ? 3 : 0;
		const long = words > 0 && (first === 'place' || first === 'slip' || first === 'remove') ? first : undefined;
		const many = does ? 1 : words;
		if (!does && !long) return undefined;
		const item: Item = { kind: 'marker', does: does ?? long!, from: run[0]!.from, to: run[many - 1]!.to };
		return { item, next: i + many };
	}

	/** The longest run of words that is a name; behind it, how often. */
	#crossing(tokens: readonly RowToken[], i: number, run: readonly RowToken[]): ItemRead | undefined {
		for (let many = Math.min(MOST_WORDS, run.length); many > 0; many--) {
			const last = run[many - 1]!;
			const name = this.#text.slice(run[0]!.from, last.to);
			if (name.length > MAX_NAME_LENGTH) continue;
			const twice = this.#namedTwice(tokens, i, many);
			if (twice) return { item: twice, next: i + many + 1 };
			const read = this.#names.read(name);
			if (!read) continue;
			const item = crossingItem(name, read, { from: run[0]!.from, to: this.#sentences.get(run[0]!.from) ?? last.to });
			// “C4B twice”.
			const { until, next } = this.#until(tokens, i + many, false);
			if (until?.kind !== 'times') return { item, next: i + many };
			const at = { from: item.from, to: tokens[next - 1]!.to };
			return { item: { kind: 'group', items: [item], times: until.times, ...at }, next };
		}
		return undefined;
	}

	/** How many words from here on are a name that means several things: `C4B` of “C4B twice”. */
	#ambiguous(run: readonly RowToken[]): number | undefined {
		if (eitherOf(run[0]!.text)) return run[1]?.text === '1' ? 2 : 1;
		if (!/\d/.test(run[0]!.text) && !/\d/.test(run[1]?.text ?? '')) return undefined;
		for (let many = Math.min(MOST_WORDS, run.length) - 1; many > 0; many--)
			if (this.#names.isAmbiguous(this.#text.slice(run[0]!.from, run[many - 1]!.to))) return many;
		return undefined;
	}

	/** `Cable 8 Back (4/4 RC)`: a crossing that is named twice, the second name in brackets. */
	#namedTwice(tokens: readonly RowToken[], i: number, many: number): Item | undefined {
		const group = tokens[i + many];
		if (group?.name !== 'Group' || group.to - tokens[i]!.from > MAX_NAME_LENGTH) return undefined;
		const name = this.#text.slice(tokens[i]!.from, group.to);
		const read = this.#names.read(name);
		return (
			read &&
			crossingItem(name, { ...read, meanings: read.meanings.slice(0, 1) }, { from: tokens[i]!.from, to: group.to })
		);
	}

	/** `garter over next 5 sts`, `rib 4`, `work 4 sts in moss st`, `work in k1p1-rib to end`. */
	#inFabric(tokens: readonly RowToken[], i: number): ItemRead | undefined {
		const words: string[] = [];
		for (let k = i; tokens[k]?.name === 'Term' && words.length < MOST_PHRASE; k++)
			words.push(tokens[k]!.text.toLowerCase());
		const before = words[0] === 'work' ? countAt(words, 1) : undefined;
		const begins = before?.end ?? (words[0] === 'work' ? 1 : 0);
		const at = words[begins] === 'in' || words[begins] === 'as' ? begins + 1 : begins;
		const said = fabricIn(words.slice(at));
		if (!said) return undefined;
		const end = fabricEnd(words, at + said.words);
		const behind = before ? undefined : countAt(words, end);
		const count = before ?? behind;
		const { until, next } = count
			? { until: { kind: 'times' as const, times: Math.min(MOST_TIMES, count.many) }, next: i + (behind?.end ?? end) }
			: this.#until(tokens, i + end, false);
		const to = tokens[next - 1]!.to;
		const fabric = this.#fabric(said.fabric);
		return { item: { kind: 'fabric', fabric, until: until ?? { kind: 'end' }, from: tokens[i]!.from, to }, next };
	}

	/** “Rib 4” is the rib that the text named before. */
	#fabric(said: Fabric): Fabric {
		if (said.kind !== 'rib') return said;
		if (said.by) this.#rib = said;
		return said.by ? said : (this.#rib ?? said);
	}

	/** `work 4 sts`, `work to last 2 sts`, `work even`: as the stitches stand. */
	#asSet(tokens: readonly RowToken[], i: number): ItemRead | undefined {
		if (tokens[i]!.text.toLowerCase() !== 'work') return undefined;
		const words = [1, 2].map((k) => (tokens[i + k]?.name === 'Term' ? tokens[i + k]!.text.toLowerCase() : ''));
		const made = (until: Until, next: number): { item: Item; next: number } => ({
			item: { kind: 'as-they-stand', until, isSet: true, from: tokens[i]!.from, to: tokens[next - 1]!.to },
			next,
		});
		const many = wordNumber(words[0]) ?? (/^\d{1,4}$/.test(words[0]!) ? Number(words[0]) : undefined);
		if (many !== undefined && isStitches(words[1]!)) return made({ kind: 'times', times: many }, i + 3);
		if (words[0] === 'even' || words[0] === 'straight') return made({ kind: 'end' }, i + 2);
		const { until, next } = this.#until(tokens, i + 1, false);
		return until && until.kind !== 'times' ? made(until, next) : undefined;
	}

	/** Words from here to the next sign. */
	#run(tokens: readonly RowToken[], i: number): readonly RowToken[] {
		let end = i;
		while (end - i < MOST_RUN && tokens[end]?.name === 'Term') end += 1;
		return tokens.slice(i, end);
	}

	#stitch(tokens: readonly RowToken[], i: number): ItemRead | undefined {
		const first = tokens[i]!;
		const word = this.#stitchWord(tokens, i);
		if (!word) return undefined;
		const { kind, next: end } = stitchHow(tokens, word.next, word.kind);
		const said = word.times === undefined && kind.counted ? this.#howMany(tokens, i, end) : undefined;
		const next = said?.next ?? end;
		const until = said?.until ?? { kind: 'times' as const, times: word.times ?? 1 };
		const bounded =
			until.kind === 'times' && until.times > MOST_TIMES ? { kind: 'times' as const, times: MOST_TIMES } : until;
		const at = { from: first.from, to: tokens[next - 1]!.to };
		return { item: { kind: 'stitch', stitch: kind, until: bounded, ...at }, next };
	}

	/** A stitch with its number, written together or apart: `k3`, `k 3`, `m 1`, `knit three`. */
	#stitchWord(
		tokens: readonly RowToken[],
		i: number,
	): { kind: StitchKind; times: number | undefined; next: number } | undefined {
		const { text } = tokens[i]!;
		const behind = tokens[i + 1]?.name === 'Term' ? tokens[i + 1]! : undefined;
		const read = stitchWord(text);
		if (!read) {
			const joined = behind && !/\d$/.test(text) ? stitchWord(text + behind.text) : undefined;
			return joined && { ...joined, next: i + 2 };
		}
		if (!read.kind.counted || read.times !== undefined || !behind) return { ...read, next: i + 1 };
		const times = /^\d{1,4}$/.test(behind.text)
			? this.#isNameAt(tokens, i + 1)
				? undefined
				: Number(behind.text)
			: wordNumber(behind.text);
		return { kind: read.kind, times, next: times === undefined ? i + 1 : i + 2 };
	}

	/** A slash name begins with a number too, so a number of stitches must stand for itself. */
	#isNameAt(tokens: readonly RowToken[], i: number): boolean {
		const last = tokens[Math.min(i + 1, tokens.length - 1)]!;
		return this.#names.read(this.#text.slice(tokens[i]!.from, last.to)) !== undefined;
	}

	/** How far a stitch without a number goes on; `knit` alone in a row, as in “Row 2: purl”, goes on to its end. */
	#howMany(tokens: readonly RowToken[], i: number, end: number): { until: Until; next: number } | undefined {
		const { until, next } = this.#until(tokens, end, false);
		if (until) return { until, next };
		const isAlone =
			isPlainStitch(tokens[i]!.text) &&
			tokens.length <= end - i + MOST_STOPS &&
			tokens.filter((t) => t.name !== 'Stop').length === end - i;
		return isAlone ? { until: { kind: 'end' }, next: end } : undefined;
	}

	/** `to end`, `to last 2 sts`, `3 times`, `to marker`; nothing when none of them stands here. */
	#until(tokens: readonly RowToken[], i: number, afterStar: boolean): { until: Until | undefined; next: number } {
		const words: string[] = [];
		for (let k = i; tokens[k]?.name === 'Term' && words.length < MOST_UNTIL; k++)
			words.push(tokens[k]!.text.toLowerCase());
		const said = untilIn(words.join(' '), afterStar);
		return { until: said?.until, next: i + (said?.words ?? 0) };
	}

	#unknown(tokens: readonly RowToken[], from: number, to: number, items: Item[]): void {
		const span = { from: tokens[from]!.from, to: tokens[to - 1]!.to };
		const text = this.#text.slice(span.from, span.to);
		const fixes = this.#names.near(text).map((fix): Fix => ({ ...span, ...fix }));
		const isRead = fixes.some((f) => f.reads);
		const problem: RowProblem = {
			code: isRead ? 'other-school' : 'unknown-term',
			what: isRead
				? `“${text}” means different things in different patterns, and yours writes no such name.`
				: `“${text}” is no stitch and no crossing.`,
			todo: isRead
				? 'Choose what is meant, or add a glossary line for it.'
				: 'Correct it, or add a line to the glossary such as “C4F: sl 2 sts to cn …”.',
			at: span,
			fixes,
		};
		this.problems.push(problem);
		items.push({ kind: 'unknown', text, problem, ...span });
	}

	#complain(at: Span, code: string, what: string, todo: string): void {
		this.problems.push({ code, what, todo, at: { from: at.from, to: at.to } });
	}
}

/** What a word behind a stitch makes of it: `k1 tbl`, `k2tog tbl`, `m1 purlwise`, `sl 1 wyif`, `p3 sts`. */
function withHow(kind: StitchKind, word: string): StitchKind | undefined {
	const { id } = kind;
	if (word === 'tbl' && TWISTED[id]) return STITCH_KINDS.get(TWISTED[id]);
	if (id === 'm1' && (word === 'purlwise' || word === 'pwise')) return STITCH_KINDS.get('m1p');
	if (id === 'sl' && SLIPPED_HOW.has(word)) return kind;
	return kind.counted && isStitches(word) ? kind : undefined;
}
const TWISTED: Readonly<Record<string, string>> = { k: 'ktbl', p: 'ptbl', k2tog: 'ssk', p2tog: 'ssp' };

function stitchHow(tokens: readonly RowToken[], at: number, said: StitchKind): { kind: StitchKind; next: number } {
	let [kind, next] = [said, at];
	for (;;) {
		const word = tokens[next]?.name === 'Term' ? tokens[next]!.text.toLowerCase() : '';
		const more = withHow(kind, word);
		if (!more) return { kind, next };
		kind = more;
		next += 1;
	}
}

/** `4`, `over next 5 sts`: a number of stitches at a place among words, and where it ends. */
function countAt(words: readonly string[], place: number): { many: number; end: number } | undefined {
	let k = place;
	while (k < place + 3 && leadsToCount(words[k] ?? '')) k += 1;
	const many = wordNumber(words[k]) ?? (/^\d{1,4}$/.test(words[k] ?? '') ? Number(words[k]) : undefined);
	if (many === undefined) return undefined;
	return { many, end: isStitches(words[k + 1] ?? '') ? k + 2 : k + 1 };
}

/** Behind the name of a fabric, `pattern` and `as set`. */
function fabricEnd(words: readonly string[], at: number): number {
	const end = isPattern(words[at] ?? '') ? at + 1 : at;
	return words[end] === 'as' && isSet(words[end + 1] ?? '') ? end + 2 : end;
}

/** Stitches that items take, where each says how many; nothing where one does not. */
function takenBy(items: readonly Item[]): number | undefined {
	let sum = 0;
	for (const item of items) {
		if (item.kind === 'crossing') sum += item.crossing.n;
		else if (item.kind === 'stitch' && item.until.kind === 'times') sum += item.stitch.takes * item.until.times;
		else if (item.kind === 'group') {
			const inner = takenBy(item.items);
			if (inner === undefined) return undefined;
			sum += inner * item.times;
		} else if (item.kind !== 'marker') return undefined;
	}
	return sum;
}

/** For each place, that of the next “rep from *” behind it; -1 when there is none. */
function nextRepeat(tokens: readonly RowToken[]): readonly number[] {
	const next: number[] = new Array<number>(tokens.length).fill(-1);
	for (let i = tokens.length - 2; i >= 0; i--) next[i] = tokens[i + 1]!.name === 'RepeatFrom' ? i + 1 : next[i + 1]!;
	return next;
}
