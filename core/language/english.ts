/** Terms of any language as English, clause by clause and row by row. What a clause has no use for is a problem at its place. */

import type { Problem, Span } from '../result.ts';
import type { Term } from './language.ts';
import type { TermToken } from './vocabulary.ts';

export interface Written {
	readonly english: string;
	readonly problems: readonly (Problem & { readonly at: Span })[];
}

/** Terms that may be said several times in a clause. */
const REPEATABLE: readonly Term[] = ['filler', 'then', 'and', 'stitch', 'work', 'put', 'from', 'to', 'row', 'round'];

/** A number, with those of further sizes: `3 (4, 5)`. */
export const countSaid = ({ value, more }: Extract<TermToken, { kind: 'number' }>): string =>
	more ? `${value} (${more.join(', ')})` : String(value);

/** What the terms of one clause say, each taken once. */
class TermClause {
	/** Numbers of stitches and times; where they are for several sizes, those of the first. */
	readonly numbers: number[] = [];
	/** The same as they are written, such as `3 (4, 5)`. */
	readonly counts: string[] = [];
	readonly #terms = new Map<Term, TermToken>();
	readonly #used = new Set<Term>();
	readonly problems: (Problem & { at: Span })[] = [];
	readonly tokens: readonly TermToken[];

	constructor(tokens: readonly TermToken[]) {
		this.tokens = tokens;
		for (const [i, token] of tokens.entries()) {
			// “Auf 1 Hilfsnadel”: one of them, and no number of stitches.
			const next = tokens[i + 1];
			const isOneCn = next?.kind === 'term' && next.term === 'cn';
			if (token.kind === 'number' && isOneCn && token.value === 1) continue;
			if (token.kind === 'number') {
				this.numbers.push(token.value);
				this.counts.push(countSaid(token));
			}
			if (token.kind === 'term') this.#say(token);
			else if (token.kind === 'unknown') this.#wrong(token, `We don’t know “${token.text.slice(0, 30)}” in patterns.`);
			else if (token.kind === 'mark' && !/^[.×]$/.test(token.text))
				this.#wrong(token, `“${token.text}” is not understood here.`);
		}
	}

	#say(token: Extract<TermToken, { kind: 'term' }>): void {
		if (this.#terms.has(token.term) && !REPEATABLE.includes(token.term))
			this.#wrong(token, `“${token.text}” is said a second time here.`);
		this.#terms.set(token.term, token);
	}

	/** Whether a term is said; it is used then. */
	takes(...terms: readonly Term[]): boolean {
		let isSaid = false;
		for (const term of terms) {
			this.#used.add(term);
			isSaid ||= this.#terms.has(term);
		}
		return isSaid;
	}

	has(term: Term): boolean {
		return this.#terms.has(term);
	}

	isEmpty(): boolean {
		return (
			[...this.#terms.keys()].every((t) => t === 'filler' || t === 'then' || t === 'and' || t === 'work') &&
			this.numbers.length === 0
		);
	}

	#wrong({ from, to }: Span, what: string): void {
		this.problems.push({
			code: 'language',
			what,
			todo: 'Write it in other words, or choose the language of the text.',
			at: { from, to },
		});
	}

	/** Whether its numbers are for several sizes; that is a problem where there is one of each. */
	isSized(): boolean {
		const sized = this.tokens.find((t) => t.kind === 'number' && t.more);
		if (sized) this.#wrong(sized, 'Numbers for several sizes are not understood here.');
		return sized !== undefined;
	}

	/** What was said and not used. */
	unused(numbers: number): void {
		for (const [term, token] of this.#terms)
			if (!this.#used.has(term) && term !== 'filler' && term !== 'then' && term !== 'and')
				this.#wrong(token, `“${(token as { text: string }).text}” is not understood here.`);
		if (this.numbers.length > numbers) {
			const last = this.tokens.filter((t) => t.kind === 'number').at(-1)!;
			this.#wrong(last, 'There is one number too many here.');
		}
	}
}

/** Tokens between commas, semicolons and “and”, “then”; brackets stay in their clause. */
export function clausesIn(tokens: readonly TermToken[], joins: readonly Term[]): readonly (readonly TermToken[])[] {
	const clauses: TermToken[][] = [[]];
	for (const [i, token] of tokens.entries()) {
		const isStop = token.kind === 'mark' && token.text === '.' && i < tokens.length - 1 && startsAnew(tokens[i + 1]!);
		const divides =
			(token.kind === 'mark' && (token.text === ',' || token.text === ';')) ||
			isStop ||
			(token.kind === 'term' && joins.includes(token.term));
		if (divides) clauses.push([]);
		else clauses.at(-1)!.push(token);
	}
	return clauses.filter((c) => c.some((t) => !(t.kind === 'mark' && t.text === '.')));
}
const startsAnew = (token: TermToken): boolean =>
	token.kind === 'term' && /^\p{Lu}/u.test(token.text) && token.term !== 'stitch' && token.term !== 'cn';

/** A sentence of one crossing: `sl 2 sts to cn and hold in front, k2, k2 from cn`. */
export function sentenceInEnglish(tokens: readonly TermToken[]): Written {
	const parts: string[] = [];
	const problems: (Problem & { at: Span })[] = [];
	for (const said of clausesIn(tokens, ['and', 'then'])) {
		const clause = new TermClause(said);
		const part = sentencePart(clause);
		problems.push(...clause.problems);
		if (part) parts.push(part);
		else if (!clause.isEmpty() && clause.problems.length === 0) problems.push(unsaid(said));
	}
	return { english: parts.join(', '), problems };
}

const unsaid = (tokens: readonly TermToken[]): Problem & { at: Span } => ({
	code: 'language',
	what: 'This does not say what to do.',
	todo: 'Say how many stitches are worked, and how.',
	at: { from: tokens[0]!.from, to: tokens.at(-1)!.to },
});

function sentencePart(clause: TermClause): string | undefined {
	clause.takes('work', 'put', 'stitch', 'from', 'to');
	const verb = stitchOf(clause);
	if (!verb) clause.takes('slip');
	const isHeld = clause.takes('cn');
	const [many] = clause.counts;
	if (clause.isSized()) return undefined;
	const [isFront, isBack] = [clause.takes('front'), clause.takes('back')];
	const side = isFront ? 'front' : isBack ? 'back' : undefined;
	if (isFront && isBack) clause.problems.push(unsaid(clause.tokens));
	clause.unused(verb || isHeld ? 1 : 0);
	if (verb) {
		if (side) clause.problems.push(unsaid(clause.tokens));
		const count = many ?? ' the sts';
		return `${verb.letter}${count}${verb.isTwisted ? ' tbl' : ''}${isHeld ? ' from cn' : ''}`;
	}
	if (isHeld) {
		if (many === undefined) return undefined;
		return `sl ${many} ${many === '1' ? 'st' : 'sts'} to cn${side ? ` and hold in ${side}` : ''}`;
	}
	return side ? `hold in ${side}` : undefined;
}

/** Knit or purl, through the back loop or not; nothing when both or neither is said. */
function stitchOf(clause: TermClause): { readonly letter: 'k' | 'p'; readonly isTwisted: boolean } | undefined {
	const [isKnit, isPurl] = [clause.has('knit'), clause.has('purl')];
	if (isKnit === isPurl) return undefined;
	clause.takes('knit', 'purl');
	return { letter: isKnit ? 'k' : 'p', isTwisted: clause.takes('tbl') };
}

/** A name of a crossing, in the writing that says its groups: `2/2 LC`. */
export function nameInEnglish(tokens: readonly TermToken[]): Written {
	const clause = new TermClause(tokens.filter((t) => !(t.kind === 'mark' && /^[()（）]$/.test(t.text))));
	const name = crossingIn(clause);
	if (!name && clause.problems.length === 0) return { english: '', problems: [unsaid(tokens)] };
	return { english: name ?? '', problems: clause.problems };
}

function crossingIn(clause: TermClause): string | undefined {
	const isNamed = clause.takes('cross');
	// What lies on top comes from the right, and so leans left.
	const lean = clause.takes('left', 'rightOnTop') ? 'L' : clause.takes('right', 'leftOnTop') ? 'R' : undefined;
	if (!isNamed || !lean || (clause.has('left') && clause.has('right'))) return undefined;
	clause.takes('stitch', 'to', 'from', 'work', 'and');
	const isTop = clause.has('rightOnTop') || clause.has('leftOnTop');
	const isPurled = clause.takes('lowerPurled', ...(isTop ? [] : (['purl'] as const)));
	const [first, second] = clause.numbers;
	clause.unused(isTop ? 2 : 1);
	if (first === undefined || clause.isSized()) return undefined;
	const [front, back] = isTop ? [first, second ?? first] : [first / 2, first / 2];
	if (!Number.isInteger(front)) {
		clause.problems.push({
			...unsaid(clause.tokens),
			what: `${first} stitches do not cross in two equal groups.`,
			todo: 'Paste the sentence that says how it is made.',
		});
		return undefined;
	}
	return `${front}/${back} ${lean}${isPurled ? 'P' : ''}C`;
}

/** What stands in a row: `p2, 2/2 LC, p2`. `names` are those that the same text defines by sentences. */
export function rowInEnglish(
	tokens: readonly TermToken[],
	text = '',
	names: ReadonlyMap<string, string> = new Map(),
): Written {
	const parts: string[] = [];
	const problems: (Problem & { at: Span })[] = [];
	for (const said of clausesIn(tokens, ['then', 'and'])) {
		const { opens, inner, closes } = bracketed(said);
		const name = names.get(text.slice(inner[0]?.from, inner.at(-1)?.to).toLowerCase());
		if (name !== undefined) {
			parts.push(`${opens}${name}${closes}`);
			continue;
		}
		const clause = new TermClause(inner);
		const part = rowPart(clause);
		problems.push(...clause.problems);
		if (part === undefined && clause.problems.length === 0 && !clause.isEmpty()) problems.push(unsaid(said));
		parts.push(`${opens}${part ?? ''}${closes}`);
	}
	return { english: parts.join(', ').replaceAll(/, (?=; rep)/g, ''), problems };
}

const OPENS = new Set(['*', '[', '(']);
const CLOSES = new Set([']', ')']);

/** A clause without the stars and brackets about it. */
function bracketed(tokens: readonly TermToken[]): { opens: string; inner: readonly TermToken[]; closes: string } {
	let [first, last] = [0, tokens.length];
	let [opens, closes] = ['', ''];
	const markAt = (i: number): string => {
		const token = tokens[i];
		return token?.kind === 'mark' ? token.text : '';
	};
	const isRepeat = tokens.some((t) => t.kind === 'term' && t.term === 'repeat');
	while (!isRepeat && OPENS.has(markAt(first))) opens += markAt(first++);
	while (CLOSES.has(markAt(last - 1)) || (markAt(last - 1) === '.' && last > first)) {
		last -= 1;
		if (markAt(last) !== '.') closes = markAt(last) + closes;
	}
	// “] 3 x”: how often stands behind the bracket.
	const close = tokens.findIndex((t, i) => i >= first && t.kind === 'mark' && CLOSES.has(t.text));
	if (close > first && close < last) {
		const [number] = tokens.slice(close + 1, last).filter((t) => t.kind === 'number');
		if (number?.kind === 'number')
			return { opens, inner: tokens.slice(first, close), closes: `${markAt(close)} ${countSaid(number)} times` };
	}
	const inner = tokens.slice(first, last);
	return {
		opens,
		inner: inner.filter((t) => !(t.kind === 'mark' && (isRepeat ? '*-–' : '*').includes(t.text))),
		closes,
	};
}

/** Stitches whose term is their word in English. */
const WORDS = ['k2tog', 'p2tog', 'ssk', 'yo', 'm1', 'kfb', 'inc'] as const satisfies readonly Term[];

function rowPart(clause: TermClause): string | undefined {
	const part = repeatPart(clause) ?? standsPart(clause) ?? crossingPart(clause) ?? wordPart(clause);
	if (part !== undefined) return part;
	clause.takes('stitch', 'work');
	const verb = stitchOf(clause);
	const isSlipped = !verb && clause.takes('slip');
	const letter = verb?.letter ?? (isSlipped ? 'sl ' : undefined);
	if (!letter) {
		clause.unused(0);
		return undefined;
	}
	const isToEnd = clause.takes('end');
	clause.takes('to');
	const [many] = clause.counts;
	clause.unused(1);
	if (many === undefined && !isToEnd) return letter === 'sl ' ? 'sl 1' : `${letter} to end`;
	const tbl = verb?.isTwisted ? ' tbl' : '';
	return isToEnd ? `${letter}${tbl} to end` : `${letter}${many}${tbl}`;
}

function repeatPart(clause: TermClause): string | undefined {
	if (!clause.takes('repeat')) return undefined;
	clause.takes('from', 'to', 'times', 'end', 'stitch', 'row', 'work');
	const isMore = clause.takes('more');
	const [many] = clause.counts;
	if (clause.takes('last')) {
		clause.unused(1);
		return `; rep from * to last ${many ?? 1} sts`;
	}
	const times = timesSaid(clause, many);
	clause.unused(1);
	return `; rep from *${times === undefined ? ' to end' : ` ${times === '1' ? 'once' : `${times} times`}${isMore ? ' more' : ''}`}`;
}

function timesSaid(clause: TermClause, many: string | undefined): string | undefined {
	if (clause.takes('twice')) return '2';
	return clause.takes('once') ? '1' : many;
}

function standsPart(clause: TermClause): string | undefined {
	if (!clause.takes('asTheyStand')) return undefined;
	clause.takes('work', 'stitch');
	clause.unused(0);
	return 'knit the knits and purl the purls';
}

const crossingPart = (clause: TermClause): string | undefined => (clause.has('cross') ? crossingIn(clause) : undefined);

function wordPart(clause: TermClause): string | undefined {
	const found = WORDS.find((term) => clause.has(term));
	if (!found) return undefined;
	clause.takes(found, 'stitch', 'work');
	const [many = 1] = clause.numbers;
	clause.unused(1);
	if (clause.isSized()) return undefined;
	return Array<string>(Math.min(many, 20))
		.fill(found === 'inc' ? 'inc 1' : found)
		.join(', ');
}
