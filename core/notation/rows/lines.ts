/**
 * A swatch as text, line by line: rows with their numbers and side, repeats of rows, glossary lines,
 * and what a pattern says besides. Nothing is dropped: a line that is not understood is a problem.
 */

import { NodeType, Tree, type SyntaxNode } from '@lezer/common';
import { atOnce, type Pieces } from '../../pieces/index.ts';
import type { Span } from '../../result.ts';
import { GLOSSARY_LIMITS, readGlossary, type Glossary } from '../glossary.ts';
import type { StatedSchool } from '../read.ts';
import type { SchoolId } from '../schools.ts';
import { bounded } from './bounded.ts';
import { fabricIn } from './fabrics.ts';
import { ItemReader, nameReader, type Item, type RowProblem } from './items.ts';
import { ROWS_LIMITS } from './limits.ts';
import { plainly, reach, type Plainly } from './plainly.ts';
import { sizesIn } from './sizes.ts';
import { STITCH_KINDS, stitchWord } from './stitches.ts';
import { parser } from './rows.parser.js';
import { blank, unreadInBindOff, unreadInCastOn, unreadInLabel, unreadInRepeat, unreadInSetting } from './unread.ts';
import { thousands } from '../../thousands.ts';

export type RowSide = 'RS' | 'WS';

/** Which of two yarns a row is worked with. */
export type RowColour = 'A' | 'B';

/** A line that tells how one or more rows are worked. */
export interface RowLine extends Span {
	/** Row numbers, from 1, in the order in which they are written. */
	readonly numbers: readonly number[];
	/** Told for every so many rows further on as well, up to the last one that is named. */
	readonly each?: number;
	/** Set for “all WS rows” and the like: every row of that side that no other line tells. */
	readonly every?: RowSide | 'any';
	/** The side that the line states. */
	readonly side?: RowSide;
	/** The yarn that the label names, as in `Row 3 (B)` or `Row 3 (RS, B)`. */
	readonly colour?: RowColour;
	readonly label?: Span;
	/** How many stitches the line says that there are behind it. */
	readonly count?: Span & { readonly stitches: number };
	/** The label calls it a round. */
	readonly isRound?: true;
	/** The instructions. */
	readonly body: Span;
	readonly items: readonly Item[];
}

/** “rep rows 1-8”, with how often they are worked again. */
export interface RepeatLine extends Span {
	readonly first: number;
	readonly last: number;
	/** Times that they are worked again; `undefined` when the line leaves it open. */
	readonly again: number | undefined;
	/** The row, or the side of the row, that it is to end with, where the line says one. */
	readonly endsWith?: number | RowSide;
}

export interface RowsText {
	readonly rows: readonly RowLine[];
	readonly repeats: readonly RepeatLine[];
	/** What a line such as “Cast on 14 sts” says. */
	readonly castOn?: Span & { readonly stitches: number };
	/** What a line such as “Join in the round” says, or a label such as “Rnd 1:”. */
	readonly shape?: Span & { readonly shape: 'flat' | 'round' };
	readonly bindOff?: Span;
	/** The text's own glossary lines before the ones that were handed in. */
	readonly glossary: Glossary;
	readonly problems: readonly RowProblem[];
	/** What was read past, and what it says: lines about the piece, and words that say nothing to hands. */
	readonly past: readonly (Span & { readonly said: string })[];
}

const MOST_NUMBER = ROWS_LIMITS.number;

export interface RowsContext {
	readonly school: StatedSchool;
	/** Lines of the teacher's own glossary; what the text says itself goes first. */
	readonly glossary: Glossary;
	/** The schools that are asked besides the stated one; all of them when left out. */
	readonly among?: readonly SchoolId[] | undefined;
}

/** Reads a whole text. Total: any text gives an answer. Linear in its length. */
export const readRows = (whole: string, context: RowsContext): RowsText => atOnce(readingRows(whole, context));

/** The same in pieces: a few tokens or a line each. */
export function* readingRows(whole: string, { school, glossary: given, among }: RowsContext): Pieces<RowsText> {
	const { text: kept, problems: beyond } =
		whole.length > ROWS_LIMITS.text ? { text: whole, problems: [] } : bounded(whole);
	const sized = kept.length > ROWS_LIMITS.text ? undefined : sizesIn(kept);
	const { text, past, counts, castOn, sentences, yarns } =
		kept.length > ROWS_LIMITS.text
			? { text: kept, past: [], counts: [], yarns: [], sentences: new Map<number, number>() }
			: plainly(sized?.first ?? kept);
	const quoted = (spans: readonly Span[]): RowsText['past'] =>
		[...spans]
			.sort((a, b) => a.from - b.from)
			.map(({ from, to }) => ({ from, to, said: whole.slice(from, to).trim() }));
	const problems: RowProblem[] = [...beyond];
	if (sized) problems.push(sized.problem);
	if (text.length > ROWS_LIMITS.text) {
		const at = { from: ROWS_LIMITS.text, to: text.length };
		problems.push({
			code: 'length',
			what: `The text is ${thousands(text.length)} characters long; at most ${thousands(ROWS_LIMITS.text)} are read.`,
			todo: 'Use repeats, or split it into two swatches.',
			at,
		});
		return { rows: [], repeats: [], glossary: given, problems, past: quoted(past) };
	}
	const { topNode: top } = yield* parsing(text);
	const glossary = glossaryOf(text, top, given, problems);
	const names = nameReader(glossary, school, among);
	const reader = new ItemReader(text, names, sentences);
	const lines = new LineReader(text, reader, problems, yarns);
	for (let node = top.firstChild; node; node = node.nextSibling) {
		lines.read(node);
		yield;
	}
	for (const problem of reader.problems) problems.push(problem);
	const counted = withCounts(lines.rows, counts);
	if (names.isSpent()) {
		problems.push({
			code: 'too-many-names',
			what: `More than ${thousands(ROWS_LIMITS.names)} different words look like names. Those after them were not read.`,
			todo: 'Remove what is not pattern, or split it into two swatches.',
			at: { from: 0, to: 0 },
		});
	}
	return {
		rows: counted.rows,
		repeats: lines.repeats,
		past: quoted([...past, ...lines.past, ...counted.past]),
		...(lines.castOn ? { castOn: lines.castOn } : castOn ? { castOn } : {}),
		...shapeOf(lines),
		...(lines.bindOff ? { bindOff: lines.bindOff } : {}),
		glossary,
		problems: listed(problems.sort((a, b) => a.at.from - b.at.from)),
	};
}

/** Tokens that are taken between two rests. */
const TOKENS = 100;

function* parsing(text: string): Pieces<Tree> {
	const parse = parser.startParse(text);
	for (let taken = 1; ; taken += 1) {
		const tree = parse.advance();
		if (tree) return tree;
		if (taken % TOKENS === 0) yield;
	}
}

/** Counts that stand behind rows, each with its row; one that stands behind none is read past. */
function withCounts(
	rows: readonly RowLine[],
	counts: readonly (Span & { readonly stitches: number })[],
): { readonly rows: readonly RowLine[]; readonly past: readonly Span[] } {
	if (counts.length === 0) return { rows, past: [] };
	const left = new Set(counts);
	// Both are in the order of the text: one pass over each.
	let k = 0;
	const all = rows.map((row, i) => {
		const next = rows[i + 1]?.from ?? Infinity;
		while (k < counts.length && counts[k]!.from < row.from) k += 1;
		const count = counts[k];
		if (!count || count.from >= next) return row;
		left.delete(count);
		return { ...row, count };
	});
	return { rows: all, past: [...left] };
}

/** What the text says of its shape: in so many words, or by calling its rows rounds. */
function shapeOf({ shape, rows }: LineReader): Pick<RowsText, 'shape'> {
	if (shape) return { shape };
	const round = rows.find((r) => r.isRound);
	return round?.label ? { shape: { shape: 'round', ...round.label } } : {};
}

/** As many as anybody looks through, and how many more there are. */
function listed(problems: readonly RowProblem[]): readonly RowProblem[] {
	const more = problems.length - ROWS_LIMITS.problems;
	if (more <= 0) return problems;
	return [
		...problems.slice(0, ROWS_LIMITS.problems),
		{
			code: 'more-problems',
			what: `There are ${thousands(more)} more problems below this one.`,
			todo: 'Correct those above first; then you see the others.',
			at: problems[ROWS_LIMITS.problems]!.at,
		},
	];
}

/** Reads a span as instructions only. */
const worked = parser.configure({ top: 'Worked' });

/** `1 (RS): p3`, which has the shape of a glossary line. */
const BARE_NUMBER = /^\s{0,9}(?:r|row)?\s{0,9}\d{1,9}\s{0,9}(?:(?:\((?:RS|WS)\)|RS|WS)\s{0,9})?[:=]/i;

/** `RS: k8`, `RS rows: k8`: a row by its side alone, which has the shape of a glossary line too. */
const SIDED = /^\s{0,9}(RS|WS)(\s{1,3}(?:rows|rnds|rounds))?\s{0,9}[:=]/i;
/** Rows that stand before the first, which have no number here. */
const BEFORE = /^\s{0,9}(?:set[- ]?up|foundation|preparation)\s{1,9}(?:row|rnd|round)\b[^:=]{0,40}[:=]/i;

/** `Cable row: p3, C8F, p3`: a row by what it is, which is the next one. */
const NAMED =
	/^\s{0,9}(?:cable|cross|crossing|twist|twisting|inc|dec|increase|decrease|pattern|plain|purl|knit|rib|garter|eyelet|turning|edge|border|first|second|third|last|next|following|final|RS|WS)\s{1,3}(?:row|rnd|round)\b[^:=,*]{0,40}[:=]/i;

/** A note that is no note: it changes what hands do in rows. */
const NOTE = /^\s{0,9}notes?\b[^:=]{0,40}[:=]/i;

/** A label that speaks of rows, in whatever words; no crossing is called so. */
const ROWISH = /^[^:=]{0,60}\b(?:rows?|rnds?|rounds?)\b[^:=]{0,60}[:=]/i;

const isRow = (line: string): boolean =>
	NOTE.test(line) ||
	ROWISH.test(line) ||
	BARE_NUMBER.test(line) ||
	SIDED.test(line) ||
	BEFORE.test(line) ||
	NAMED.test(line);

function glossaryOf(text: string, top: SyntaxNode, given: Glossary, problems: RowProblem[]): Glossary {
	const lines: { at: Span; line: string }[] = [];
	for (const node of top.getChildren('Glossary')) {
		const at = { from: node.from, to: node.to };
		const line = text.slice(node.from, node.to);
		if (!isRow(line)) lines.push({ at, line });
	}
	const own = lines.slice(0, GLOSSARY_LIMITS.lines).map(({ at, line }) => ({ at, read: readGlossary(line) }));
	if (lines.length > own.length) {
		problems.push({
			code: 'glossary',
			what: `A text has at most ${GLOSSARY_LIMITS.lines} glossary lines; this one and those after it are not read.`,
			todo: 'Take out those that no row uses.',
			at: lines[own.length]!.at,
		});
	}
	for (const { at, read } of own) {
		const why = [...read.problems, ...read.entries.flatMap((e) => (e.readings.length > 0 ? [] : e.problems))];
		problems.push(...why.map((p) => ({ ...p, code: 'glossary', at })));
	}
	return {
		entries: [
			...own.flatMap(({ read }) => read.entries.map((entry) => ({ ...entry, told: true as const }))),
			...given.entries,
		],
		problems: given.problems,
	};
}

class LineReader {
	readonly rows: RowLine[] = [];
	readonly repeats: RepeatLine[] = [];
	/** Words of labels and repeats that say nothing here. */
	readonly past: Span[] = [];
	castOn: RowsText['castOn'];
	shape: RowsText['shape'];
	bindOff: Span | undefined;
	readonly #text: string;
	readonly #items: ItemReader;
	readonly #problems: RowProblem[];
	readonly #yarns: Plainly['yarns'];
	#next = 1;
	/** The highest row told so far, and how many numbers all labels told. */
	#highest = 0;
	#told = 0;

	constructor(text: string, items: ItemReader, problems: RowProblem[], yarns: Plainly['yarns']) {
		this.#text = text;
		this.#yarns = yarns;
		this.#items = items;
		this.#problems = problems;
	}

	read(node: SyntaxNode): void {
		const at = { from: node.from, to: node.to };
		const text = this.#text.slice(at.from, at.to);
		if (node.type.isError) {
			if (text.trim()) this.#complain(at, 'not-read', `“${shorten(text)}” is not understood here.`, HOW);
			return;
		}
		switch (node.name) {
			case 'Row': {
				const label = node.getChild('Label')!;
				const body = node.getChild('Instructions');
				this.#row(at, label, body);
				return;
			}
			case 'Instructions': {
				if (isTitle(text) && !this.#items.isName(text)) {
					this.past.push(at);
					return;
				}
				if (GOES_ON.test(text) && this.#highest > 0) {
					this.repeats.push({ first: 1, last: this.#highest, again: undefined, ...at });
					return;
				}
				const many = manyRows(text);
				const count = many ? Math.min(ROWS_LIMITS.told, many.rows) : 1;
				const items: readonly Item[] = many ? [{ ...many.item, ...at }] : this.#items.read(node);
				// “Purl 1 row” above row 1 stands before it.
				const isBefore = many && this.rows.length === 0 && ROW_ONE.test(this.#text.slice(at.to));
				const numbers = Array.from({ length: count }, (_, i) => (isBefore ? i + 1 - count : this.#next + i));
				this.#add({ numbers, body: bodyOf(this.#text, node), items, ...at });
				return;
			}
			case 'RepeatRows':
				this.#repeats(at, text);
				return;
			case 'CastOn': {
				const stitches = Math.min(MOST_CAST_ON, Number(/\d+/.exec(text)?.[0]));
				this.castOn = { stitches, ...at };
				const joined = JOINED.exec(text);
				if (joined) this.shape = { shape: 'round', ...at };
				this.past.push(...unreadInCastOn(text.replace(JOINED, blank), at.from));
				return;
			}
			case 'Setting':
				if (/\bround\b/i.test(text)) this.shape = { shape: 'round', ...at };
				else if (/\bflat\b|back and forth/i.test(text)) this.shape = { shape: 'flat', ...at };
				else {
					this.#instructionsAnyway(at);
					return;
				}
				this.past.push(...unreadInSetting(text, at.from));
				return;
			case 'BindOff':
				this.#bindsOff(at);
				return;
			case 'Glossary':
				if (NOTE.test(text)) {
					const what = `“${shorten(text)}” changes what hands do in rows.`;
					this.#complain(at, 'note', what, 'Write it into those rows, or put # before it.');
				} else if (BARE_NUMBER.test(text)) this.#bareNumber(at, text);
				else if (SIDED.test(text)) this.#sided(at, text);
				else if (NAMED.test(text)) this.#named(at, text);
				else if (BEFORE.test(text)) this.#setUp(at, text);
				else if (ROWISH.test(text)) {
					const what = `“${shorten(text.slice(0, text.search(/[:=]/)))}” is not a label of a row that we know, so the line is not worked.`;
					this.#complain(at, 'label', what, 'Begin the row as “Row 3:”.');
				}
		}
	}

	/** The end; of some stitches only it is shaping, and no end. */
	#bindsOff(at: Span): void {
		const text = this.#text.slice(at.from, at.to);
		if (SOME_OFF.test(text)) {
			this.#complain(
				at,
				'bind-off-some',
				`“${shorten(text)}” binds off some stitches only, which is not worked here.`,
				'Write decreases, such as k2tog, or end the swatch before it.',
			);
			return;
		}
		this.bindOff = at;
		this.past.push(...unreadInBindOff(text, at.from));
	}

	/** A line of instructions whose first word looked like a setting: `work as they stand`. */
	#instructionsAnyway(at: Span): void {
		const found = this.#reparsed(at.from, at.to);
		if (found) this.#add({ numbers: [this.#next], body: at, items: found.items, ...at });
		else this.#complain(at, 'not-read', `“${shorten(this.#text.slice(at.from, at.to))}” is not understood.`, HOW);
	}

	/** Reads part of the text as instructions, whatever its first word looked like. */
	#reparsed(from: number, to: number): { items: readonly Item[] } | undefined {
		const part = worked.parse(this.#text, [], [{ from, to }]);
		// The tree of a part counts from its own start; under a nameless one it counts from the text's.
		const node = new Tree(NodeType.none, [part], [from], to).topNode.firstChild?.getChild('Instructions');
		return node ? { items: this.#items.read(node) } : undefined;
	}

	#bareNumber(at: Span, text: string): void {
		const colon = at.from + text.search(/[:=]/);
		const numbers = numbersIn(text.slice(0, colon - at.from));
		const side = sideIn(text.slice(0, colon - at.from));
		const body = { from: colon + 1, to: at.to };
		const items = this.#reparsed(body.from, body.to)?.items ?? [];
		this.#add({ numbers, ...(side ? { side } : {}), label: { from: at.from, to: colon + 1 }, body, items, ...at });
	}

	/** The row before the first one. */
	#setUp(at: Span, text: string): void {
		if (this.rows.some((row) => row.numbers.some((n) => n > 0))) {
			const what = `“${shorten(text.slice(0, text.search(/[:=]/)).trim())}” has no number, so it is not worked.`;
			this.#complain(at, 'unnumbered', what, 'Call it Row 1, and count the others on from it.');
			return;
		}
		const [said = ''] = BEFORE.exec(text) ?? [];
		const side = sideIn(said);
		const body = { from: at.from + said.length, to: at.to };
		const items = this.#reparsed(body.from, body.to)?.items ?? [];
		const label = { from: at.from, to: body.from };
		const many = Math.max(1, Math.min(MOST_SET_UP, numbersIn(said).length));
		// Of several the last one is row 0.
		for (const [i, row] of this.rows.entries()) this.rows[i] = { ...row, numbers: row.numbers.map((n) => n - many) };
		this.#add({
			numbers: Array.from({ length: many }, (_, i) => i + 1 - many),
			...(side ? { side } : {}),
			label,
			body,
			items,
			...at,
		});
	}

	#named(at: Span, text: string): void {
		const [said = ''] = NAMED.exec(text) ?? [];
		const side = sideIn(said);
		const body = { from: at.from + said.length, to: at.to };
		const items = this.#reparsed(body.from, body.to)?.items ?? [];
		const label = { from: at.from, to: body.from };
		const told = numbersIn(said);
		const numbers = told.length > 0 ? told : [this.#next];
		this.#add({ numbers, ...(side ? { side } : {}), label, body, items, ...at });
	}

	/** A row that is called by its side is the next one. */
	#sided(at: Span, text: string): void {
		const [said = '', word = '', all] = SIDED.exec(text) ?? [];
		const side = sideIn(word)!;
		const numbers = all === undefined || (this.#next % 2 === 1) === (side === 'RS') ? [this.#next] : [];
		const every = all === undefined ? {} : { every: side };
		const body = { from: at.from + said.length, to: at.to };
		const items = this.#reparsed(body.from, body.to)?.items ?? [];
		this.#add({ numbers, ...every, side, label: { from: at.from, to: body.from }, body, items, ...at });
	}

	#row(at: Span, label: SyntaxNode, body: SyntaxNode | null): void {
		const said = this.#text.slice(label.from, label.to);
		const span = { from: label.from, to: label.to };
		if (said.length > ROWS_LIMITS.label) {
			const what = `The label before the colon has ${said.length} characters; it can have at most ${ROWS_LIMITS.label}.`;
			this.#complain(label, 'long-label', what, 'Begin the row as “Row 3:”, and write its stitches after the colon.');
			return;
		}
		if (this.#areUnread(unreadInLabel(said.replace(COUNTED, blank), label.from), 'the label of a row')) return;
		const told = this.#told > ROWS_LIMITS.told ? [] : numbersIn(said);
		// “Next row” has no number of its own.
		const numbers = told.length === 0 && /^\s{0,9}(?:next|following)\b/i.test(said) ? [this.#next] : told;
		const [, each] = EVERY_NTH.exec(said) ?? [];
		const every = each === undefined ? everyIn(said) : undefined;
		const side = every === 'RS' || every === 'WS' ? every : sideIn(said);
		const count = countIn(said, label.from);
		const colour = colourIn(said);
		if (numbers.some((n) => n < 0 || n > MOST_NUMBER)) {
			this.#complain(
				span,
				'number',
				`Row numbers go from 0, for a set-up row, to ${MOST_NUMBER}.`,
				'Correct the number.',
			);
			return;
		}
		const off = body ? null : BIND_OFF_NEXT.exec(this.#text.slice(label.to, label.to + ROWS_LIMITS.label));
		if (off) {
			this.#bindsOff({ from: label.to + off[0].length - off[1]!.length, to: label.to + off[0].length });
			return;
		}
		for (const stray of strayIn(label.parent!)) {
			const what = `“${shorten(this.#text.slice(stray.from, stray.to))}” is not understood in the middle of a row.`;
			this.#complain(stray, 'not-read', what, 'Write it on a line of its own.');
		}
		if (!body) {
			this.#complain(span, 'empty', 'This row has no stitches.', 'Write them after the colon.');
			return;
		}
		const like = LIKE_ROWS.exec(this.#text.slice(body.from, body.to));
		if (like) {
			this.#alike(numbers, like, { ...(side ? { side } : {}), label: span, body: bodyOf(this.#text, body), ...at });
			return;
		}
		this.#add({
			numbers,
			...(every ? { every } : {}),
			...(each !== undefined && Number(each) > 0 ? { each: Number(each) } : {}),
			...(side ? { side } : {}),
			...(colour ? { colour } : {}),
			...(count ? { count } : {}),
			...(/^\s{0,9}(?:rnd|round)/i.test(said) ? { isRound: true as const } : {}),
			label: span,
			body: bodyOf(this.#text, body),
			items: this.#items.read(body),
			...at,
		});
	}

	/** Rows that are worked as earlier ones: each as its own, or all as the one. */
	#alike(
		numbers: readonly number[],
		[, first, last, often, many]: readonly (string | undefined)[],
		line: Omit<RowLine, 'numbers' | 'items'>,
	): void {
		const from = Number(first);
		const span = last === undefined ? 1 : Number(last) - from + 1;
		const said = (often ?? many)?.toLowerCase();
		const times = said === undefined ? undefined : (TIMES[said] ?? Number(said));
		if (span < 1 || numbers.length % span !== 0 || (times !== undefined && times * span !== numbers.length)) {
			const rows = last === undefined ? `row ${first}` : `rows ${first} to ${last}`;
			const what = `${numbers.length} rows cannot be worked as ${rows}${times === undefined ? '' : `, ${times} times`}.`;
			this.#complain(line.body, 'as-row', what, 'Name as many rows on both sides.');
			return;
		}
		for (const [i, number] of numbers.entries()) {
			const as = from + (i % span);
			const told = this.rows.find((r) => r.numbers.includes(as));
			if (!told) {
				this.#complain(line.body, 'as-row', `Row ${as} is missing before this.`, 'Write its stitches here.');
				return;
			}
			this.#add({ ...line, numbers: [number], items: told.items });
		}
	}

	#add(line: RowLine): void {
		this.#told += Math.max(1, line.numbers.length);
		if (this.#told > ROWS_LIMITS.told) {
			const most = thousands(ROWS_LIMITS.told);
			const what = `The lines so far have more than ${most} rows; this one is not worked.`;
			this.#complain(line.label ?? line.body, 'too-many-told', what, 'Write each row once.');
			return;
		}
		const yarn = line.colour ? undefined : this.#yarns.find((y) => y.from >= line.from && y.to <= line.to);
		this.rows.push(yarn ? { ...line, colour: yarn.colour } : line);
		for (const n of line.numbers) this.#highest = Math.max(this.#highest, n);
		const last = line.numbers.at(-1);
		if (last !== undefined) this.#next = last + 1;
	}

	/** A line of repeats: “rows 1-4 twice more, then rows 1 and 2 once more” is two of them. */
	#repeats(at: Span, text: string): void {
		const then =
			/[,;.]?\s{1,3}then\s{1,3}(?:work\s{1,3}|rep(?:eat)?\s{1,3})?(?=(?:rows?|rnds?|rounds?)\s{1,3}\d)/i.exec(text);
		if (!then) {
			this.#repeat(at, text);
			return;
		}
		this.#repeat({ from: at.from, to: at.from + then.index }, text.slice(0, then.index));
		const begins = then.index + then[0].length;
		this.#repeats({ from: at.from + begins, to: at.to }, text.slice(begins));
	}

	#repeat(at: Span, text: string): void {
		if (text.length > ROWS_LIMITS.repeat || this.repeats.length >= ROWS_LIMITS.repeats) {
			const what =
				text.length > ROWS_LIMITS.repeat
					? `A line that repeats rows has at most ${ROWS_LIMITS.repeat} characters; this one has ${text.length}.`
					: `At most ${ROWS_LIMITS.repeats} lines repeat rows; this one is not worked.`;
			this.#complain(at, 'repeat', what, 'Write it as: rep rows 1-8, or: rep rows 1-8 twice.');
			return;
		}
		const range = /(\d+)\s*(?:-|–|—|to|through|and|&)\s*(\d+)/i.exec(text) ?? /(\d+)/.exec(text);
		const isOn = /^\S+\s{1,9}from\b/i.test(text) && range?.[2] === undefined;
		const all = /all|every/i.test(text);
		const rest = range ? text.slice(range.index + range[0].length) : text;
		// “these 8 rows” and “last 4 rows” count back from here.
		const back = /\b(?:these|last|the)\s+(\d+)\s*(?:rows|rnds|rounds)/i.exec(text);
		const highest = this.#highest;
		const first = back ? highest - Number(back[1]) + 1 : all && !range ? 1 : Number(range?.[1]);
		const last = back || (all && !range) ? highest : isOn ? highest : Number(range?.[2] ?? range?.[1]);
		if (!(first >= 1 && last >= first)) {
			this.#complain(
				at,
				'repeat',
				'Which rows are repeated cannot be read here.',
				'Write it as: rep rows 1-8, or: rep rows 1-8 twice.',
			);
			return;
		}
		const said = back ? text.slice(back.index + back[0].length) : rest;
		// A length is no count: how many rows it takes hangs on the gauge, so the line leaves it open.
		const [ending = '', row, side] = ENDING.exec(said) ?? [];
		const endsWith = row !== undefined ? Number(row) : side === undefined ? undefined : sideIn(side);
		const counted = said.replace(ending, '');
		if (this.#areUnread(unreadInRepeat(text, at.from), 'a line that repeats rows')) return;
		const early = range && !back ? OFTEN.exec(text.slice(0, range.index))?.[0] : undefined;
		const idle = early ?? idleIn(counted);
		if (idle && this.#areUnread([spanIn(at, text, idle)], 'a line that repeats rows')) return;
		const total = LENGTH.test(counted) ? undefined : TOTAL.exec(counted)?.[1];
		const line = { first, last, ...(endsWith === undefined ? {} : { endsWith }), ...at };
		if (total === undefined) {
			const again = LENGTH.test(counted) ? undefined : timesIn(counted);
			this.repeats.push({ ...line, again });
			// What stands behind it is worked after it.
			if (last === this.#next - 1) this.#next += (again ?? 0) * (last - first + 1);
			return;
		}
		// "until 24 rows": as often as it takes to come to so many, those that were worked before included.
		const again = (Number(total) - last) / (last - first + 1);
		if (Number.isInteger(again) && again >= 0) {
			this.repeats.push({ ...line, again });
			return;
		}
		this.#complain(
			at,
			'repeat',
			`Rows ${first} to ${last}, worked again and again, do not come to ${total} rows.`,
			'Say how many times, or correct the number of rows.',
		);
	}

	/** Whether there are words that say nothing where they stand: each is a problem. */
	#areUnread(spans: readonly Span[], where: string): boolean {
		for (const at of spans) {
			const what = `“${shorten(this.#text.slice(at.from, at.to))}” is not understood in ${where}, so the line is not worked.`;
			this.#complain(at, 'unread', what, 'Remove it, or write it after # as a comment.');
		}
		return spans.length > 0;
	}

	#complain(at: Span, code: string, what: string, todo: string): void {
		this.#problems.push({ code, what, todo, at: { from: at.from, to: at.to } });
	}
}

/** A word that asks hands for something, so that a line with it is no title. */
const WORKS =
	/^(?:knits?|purls?|work|works|slip|rep|repeat|cast|bind|turn|rows?|rnds?|rounds?|as|inc|dec|increase|decrease|make|place|remove|to|end|from|pm|sm|rm|yarn|tog|together|hold|held|drop|co|bo|mb|rib|moss|seed|garter|st|sts|stitch|stitches)$/i;

/** `Classic rope cable`: words alone, none of which asks for anything. */
const isTitle = (line: string): boolean => {
	// “Rope panel (worked over 14 sts)”.
	const title = line.replace(/\((?:(?:worked )?over|multiple of|panel of)? ?\d{1,4} (?:sts|stitches)\)\s*$/i, '');
	if (!/^[\p{L}\s’'&,.!–-]{3,80}$/u.test(title)) return false;
	const words = title.match(/\p{L}+/gu) ?? [];
	return (
		words.length > 1 &&
		words.every(
			(word) =>
				(word.length > 2 || /^(?:an?|by|my|of|in|on|no)$/i.test(word)) && !WORKS.test(word) && !stitchWord(word),
		)
	);
};

/** What the grammar found no place for between the parts of a row. */
function strayIn(row: SyntaxNode): readonly Span[] {
	const stray: Span[] = [];
	for (let child = row.firstChild; child; child = child.nextSibling)
		if (child.type.isError && child.to > child.from) stray.push({ from: child.from, to: child.to });
	return stray;
}

/** Instructions without a remark at their end, which a change of the row must leave. */
function bodyOf(text: string, node: SyntaxNode): Span {
	let last = node.lastChild;
	while (last?.prevSibling && last.name === 'Comment') last = last.prevSibling;
	return { from: node.from, to: reach(text, last?.to ?? node.to) };
}

const MOST_SET_UP = 20;

/** More than any swatch has; what is beyond is told as this. */
const MOST_CAST_ON = 99_999;

const HOW = 'Write a row as “Row 3: p3, C8F, p3”, or put # before a comment.';

/** `bind off 3 sts`, `BO 3, k11`, `cast off the next two stitches`. */
const SOME_OFF =
	/^(?:bind|cast|BO)\b[\s-]{0,9}(?:off)?[^.\n]{0,60}?\b(?:\d{1,4}|one|two|three|four|five|six|next\s{1,3}(?:\w{1,9}\s{1,3})?(?:sts?|stitch|stitches))\b/i;
const BIND_OFF_NEXT = /^[ \t]{0,9}((?:(?:bind|cast)[ \t-]{1,3}off|BO)\b[^\n\r]{0,200})/i;

/** `as row 2`, `same as rows 3 and 4 six times`, `rep row 2`, `as 1st and 2nd`, `as 2nd row`. */
const LIKE_ROWS =
	/^\s{0,9}(?:work(?:ed)?\s{1,3})?(?:(?:the\s{1,3})?same\s{1,3})?(?:as|like|rep(?:eat)?)\s{1,9}(?:the\s{1,3})?(?:(?:rows?|rnds?|rounds?|r)\.?\s{0,3}|(?=\d{1,4}(?:st|nd|rd|th)\b))(\d{1,4})(?:st|nd|rd|th)?(?:\s{0,3}(?:-|–|to|and|&|,)\s{0,3}(\d{1,4})(?:st|nd|rd|th)?)?(?:\s{1,3}(?:rows?|rnds?|rounds?))?(?:\s{1,3}(?:(once|twice|thrice)|(\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\s{1,3}times))?\s{0,3}\.?\s{0,9}$/i;
/** `Knit 6 rows.` */
const MANY_ROWS = /^\s{0,9}(knit|purl|k|p)\s{1,3}(\d{1,3})\s{1,3}(?:rows?|rnds?|rounds?)\s{0,3}\.?\s{0,9}$/i;
const ROW_ONE = /^[ \t]{0,9}(?:row|rnd|round|r)s?\.?[ \t]{0,3}1\b/im;
/** `Continue in pattern until it measures 10 cm.` */
const GOES_ON =
	/^\s{0,9}(?:cont(?:inue|\.)?|work|keep)\s{1,3}(?:working\s{1,3})?(?:(?:in|as)\s{1,3})?(?:(?:cable\s{1,3})?patt(?:ern|\.)?|set|established|this way|this manner)(?:\s{1,3}as\s{1,3}(?:set|established))?(?:\s{1,3}(?:until|till|for)\b[^\n]{0,80})?\s{0,3}\.?\s{0,9}$/i;
/** `Work 6 rows even.` */
const EVEN_ROWS =
	/^\s{0,9}(?:work\s{1,3})?(\d{1,3})\s{1,3}(?:rows?|rnds?|rounds?)\s{1,3}(?:even|straight|plain|as\s{1,3}(?:set|established)|in\s{1,3}patt(?:ern|\.)?(?:\s{1,3}as\s{1,3}(?:set|established))?)\s{0,3}\.?\s{0,9}$/i;
/** `Work 4 rows in garter st.` */
const FABRIC_ROWS =
	/^\s{0,9}(?:work\s{1,3})?(\d{1,3})\s{1,3}(?:rows?|rnds?|rounds?)\s{1,3}(?:in|of)\s{1,3}([a-z0-9][a-z0-9 -]{2,30}?)\s{0,3}\.?\s{0,9}$/i;

/** A line that says several rows at once, each worked alike to its end. */
function manyRows(text: string) {
	const until = { kind: 'end' } as const;
	const [, how, many] = MANY_ROWS.exec(text) ?? [];
	const stitch = how === undefined ? undefined : STITCH_KINDS.get(how.toLowerCase().startsWith('k') ? 'k' : 'p');
	if (stitch) return { rows: Number(many), item: { kind: 'stitch', stitch, until } as const };
	const [, even] = EVEN_ROWS.exec(text) ?? [];
	if (even !== undefined) return { rows: Number(even), item: { kind: 'as-they-stand', until } as const };
	const [, rows, name = ''] = FABRIC_ROWS.exec(text) ?? [];
	const words = name.toLowerCase().split(/\s+/);
	const said = rows === undefined ? undefined : fabricIn(words);
	return said?.words === words.length
		? { rows: Number(rows), item: { kind: 'fabric', fabric: said.fabric, until } as const }
		: undefined;
}

/** Until it is so long, in any unit. */
const LENGTH = /\d\s{0,3}(?:cm|mm|m\b|in\b|ins\b|inch|inches|["”″])|\bmeasures\b|\blong\b/i;
/** Until there are so many rows in all. */
const TOTAL = /\b(?:until|till|for a total of|total of|to)\s{1,3}(\d{1,4})\s{1,3}(?:rows|rnds|rounds)\b/i;

/** `ending with row 3`, `ending with a WS row`. */
const ENDING =
	/\bend(?:s|ing)?\s{1,3}(?:with|on|after)\s{1,3}(?:an?\s{1,3})?(?:(?:row|rnd|round)\s{0,3}(\d{1,4})|(RS|WS|right|wrong)(?:[\s-]{1,3}side)?(?:\s{1,3}(?:row|rnd|round))?)/i;

/** `(14 sts)` in a label. */
const COUNTED = /\(\s{0,9}(\d{1,4})\s{0,9}(?:sts?|stitch|stitches)\s{0,9}\)/i;
/** `Cast on 24 sts and join in the round`. */
const JOINED = /\bjoin\b[^.\n]{0,40}?\bround\b/i;
function countIn(label: string, from: number): RowLine['count'] {
	const found = COUNTED.exec(label);
	return found
		? { stitches: Number(found[1]), from: from + found.index, to: from + found.index + found[0].length }
		: undefined;
}

const TIMES: Readonly<Record<string, number>> = {
	once: 1,
	twice: 2,
	thrice: 3,
	one: 1,
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
	ten: 10,
	eleven: 11,
	twelve: 12,
};

function timesIn(text: string): number | undefined {
	const [, word] = /\b(once|twice|thrice)\b/i.exec(text) ?? [];
	if (word) return TIMES[word.toLowerCase()];
	const [, many] =
		/(?:x|×)?\s*\b(\d{1,4}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b\s*(?:more\s+)?(?:times?|x)?/i.exec(
			text,
		) ?? [];
	return many === undefined ? undefined : (TIMES[many.toLowerCase()] ?? Number(many));
}

const OFTEN = /\b(?:once|twice|thrice|until|till)\b/i;

/** A second number of a line that says how often already, or an “until” that nothing follows. */
function idleIn(said: string): string | undefined {
	const [, second] = said.match(/\b(?:until|till)\b/gi) ?? [];
	if (second !== undefined) return second;
	const open = /\b(?:until|till)(?=\s{1,3}(?:for|once|twice|thrice)\b|[\s.]*$)/i.exec(said)?.[0];
	if (open !== undefined) return open;
	if (LENGTH.test(said) || TOTAL.test(said)) return undefined;
	if (/\b(?:until|till)\b/i.test(said) && !/\b(?:required|desired|end|top|reached|total)\b/i.test(said))
		return /until|till/i.exec(said)?.[0];
	const many = [
		...said.matchAll(
			/\b(?:once|twice|thrice|\d{1,4}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b/gi,
		),
	];
	return many[1]?.[0];
}

/** Where a word stands in a line, the last time. */
const spanIn = (at: Span, text: string, word: string): Span => {
	const from = at.from + text.lastIndexOf(word);
	return { from, to: from + word.length };
};

/** “Row 3 and every following 4th row”. */
const EVERY_NTH = /\b(?:every|each)\s{1,9}(?:following\s{1,9}|foll\.?\s{1,9})?(\d{1,3})(?:st|nd|rd|th)\b/i;

/** `3, 7 and 11`, `1-4`; “and all WS rows” has no numbers. */
function numbersIn(whole: string): number[] {
	const numbers: number[] = [];
	// "(14 sts)" tells how many stitches, and no row.
	const label = whole.replaceAll(/\([^()]{0,60}\b(?:sts?|stitch|stitches|rows?|rnds?|rounds?)\b[^()]{0,40}\)/gi, '');
	for (const [, from, to] of label.replace(EVERY_NTH, '').matchAll(/(\d+)(?:\s*(?:-|–|—|to)\s*(\d+))?/g)) {
		// One more than the highest stands for everything beyond, which is refused.
		const first = Math.min(Number(from), MOST_NUMBER + 1);
		const last = to === undefined ? first : Math.min(Number(to), MOST_NUMBER + 1);
		for (let n = first; n <= last; n++) numbers.push(n);
		if (numbers.length > 2 * MOST_NUMBER) break;
	}
	return [...new Set(numbers)];
}

const sideIn = (label: string): RowSide | undefined =>
	/\bWS\b|wrong/i.test(label) ? 'WS' : /\bRS\b|right/i.test(label) ? 'RS' : undefined;

/** In brackets, alone or behind the side; a bare letter elsewhere may be anything. */
function colourIn(label: string): RowColour | undefined {
	const [, letter] =
		/\(\s{0,9}(?:(?:RS|WS)\s{0,9}(?:,\s{0,9})?)?(?:(?:colou?r|yarn)\s{1,9})?(a|b|mc|cc)\s{0,9}\)/i.exec(label) ?? [];
	return letter === undefined ? undefined : /^(?:a|mc)$/i.test(letter) ? 'A' : 'B';
}

function everyIn(label: string): RowLine['every'] {
	if (!/\b(all|every|even|odd)\b/i.test(label)) return undefined;
	if (/\bWS\b|wrong|\beven\b/i.test(label)) return 'WS';
	if (/\bRS\b|right|\bodd\b/i.test(label)) return 'RS';
	// “Row 2 and every other row” means the rows of that row's side.
	if (/other|alternate|\balt\b|following|\bfoll\b/i.test(label))
		return (numbersIn(label)[0] ?? 2) % 2 === 0 ? 'WS' : 'RS';
	return 'any';
}

const shorten = (text: string): string => (text.length > 40 ? `${text.slice(0, 39)}…` : text);
