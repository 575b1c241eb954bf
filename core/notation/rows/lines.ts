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
import { ItemReader, nameReader, type Item, type RowProblem } from './items.ts';
import { ROWS_LIMITS } from './limits.ts';
import { plainly, reach, type PlainRows } from './plainly.ts';
import { sizesIn } from './sizes.ts';
import { parser } from './rows.parser.js';
import type { RepeatLine, RowLine, RowsText } from './rows-text.ts';
import { COUNTED, isNext, isRoundLabel, labelIn, numbersIn, sideIn } from './label.ts';
import {
	BARE_NUMBER,
	BEFORE,
	BIND_OFF_NEXT,
	GOES_ON,
	isRow,
	isTitle,
	JOINED,
	LIKE_ROWS,
	manyRows,
	NAMED,
	NOTE,
	ROW_ONE,
	ROWISH,
	shapeSaid,
	SIDED,
	SOME_OFF,
} from './kinds-of-line.ts';
import { repeatIn, THEN_REPEAT } from './repeat-line.ts';
import { numberOf } from './until.ts';
import { blank, unreadInBindOff, unreadInCastOn, unreadInLabel, unreadInRepeat, unreadInSetting } from './unread.ts';
import { thousands } from '../../thousands.ts';

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
	readonly #yarns: PlainRows['yarns'];
	#next = 1;
	/** The highest row told so far, and how many numbers all labels told. */
	#highest = 0;
	#told = 0;

	constructor(text: string, items: ItemReader, problems: RowProblem[], yarns: PlainRows['yarns']) {
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
			case 'Row':
				return this.#row(at, node.getChild('Label')!, node.getChild('Instructions'));
			case 'Instructions':
				return this.#instructions(at, text, node);
			case 'RepeatRows':
				return this.#repeats(at, text);
			case 'CastOn':
				return this.#castsOn(at, text);
			case 'Setting':
				return this.#setting(at, text);
			case 'BindOff':
				return this.#bindsOff(at);
			case 'Glossary':
				return this.#labelled(at, text);
		}
	}

	/** A title, “continue in pattern”, or the next row, or several. */
	#instructions(at: Span, text: string, node: SyntaxNode): void {
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
	}

	#castsOn(at: Span, text: string): void {
		const stitches = Math.min(MOST_CAST_ON, Number(/\d+/.exec(text)?.[0]));
		this.castOn = { stitches, ...at };
		if (JOINED.test(text)) this.shape = { shape: 'round', ...at };
		this.past.push(...unreadInCastOn(text.replace(JOINED, blank), at.from));
	}

	#setting(at: Span, text: string): void {
		const shape = shapeSaid(text);
		if (!shape) {
			this.#instructionsAnyway(at);
			return;
		}
		this.shape = { shape, ...at };
		this.past.push(...unreadInSetting(text, at.from));
	}

	/** What has the shape of a glossary line: rows by other labels, and notes that change rows. */
	#labelled(at: Span, text: string): void {
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

	#row(at: Span, labelNode: SyntaxNode, body: SyntaxNode | null): void {
		const said = this.#text.slice(labelNode.from, labelNode.to);
		const span = { from: labelNode.from, to: labelNode.to };
		if (said.length > ROWS_LIMITS.label) {
			const what = `The label before the colon has ${said.length} characters; it can have at most ${ROWS_LIMITS.label}.`;
			this.#complain(
				labelNode,
				'long-label',
				what,
				'Begin the row as “Row 3:”, and write its stitches after the colon.',
			);
			return;
		}
		if (this.#areUnread(unreadInLabel(said.replace(COUNTED, blank), labelNode.from), 'the label of a row')) return;
		const label = labelIn(said, labelNode.from);
		const told = this.#told > ROWS_LIMITS.told ? [] : label.numbers;
		// “Next row” has no number of its own.
		const numbers = told.length === 0 && isNext(said) ? [this.#next] : told;
		if (numbers.some((n) => n < 0 || n > MOST_NUMBER)) {
			const what = `Row numbers go from 0, for a set-up row, to ${MOST_NUMBER}.`;
			this.#complain(span, 'number', what, 'Correct the number.');
			return;
		}
		const off = body ? null : BIND_OFF_NEXT.exec(this.#text.slice(labelNode.to, labelNode.to + ROWS_LIMITS.label));
		if (off) {
			this.#bindsOff({ from: labelNode.to + off[0].length - off[1]!.length, to: labelNode.to + off[0].length });
			return;
		}
		for (const stray of strayIn(labelNode.parent!)) {
			const what = `“${shorten(this.#text.slice(stray.from, stray.to))}” is not understood in the middle of a row.`;
			this.#complain(stray, 'not-read', what, 'Write it on a line of its own.');
		}
		if (!body) {
			this.#complain(span, 'empty', 'This row has no stitches.', 'Write them after the colon.');
			return;
		}
		const like = LIKE_ROWS.exec(this.#text.slice(body.from, body.to));
		if (like) {
			const side = label.side ? { side: label.side } : {};
			this.#alike(numbers, like, { ...side, label: span, body: bodyOf(this.#text, body), ...at });
			return;
		}
		const isRound = isRoundLabel(said) ? { isRound: true as const } : {};
		const items = this.#items.read(body);
		this.#add({ ...label, numbers, ...isRound, label: span, body: bodyOf(this.#text, body), items, ...at });
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
		const times = said === undefined ? undefined : numberOf(said);
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
		const then = THEN_REPEAT.exec(text);
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
		const where = 'a line that repeats rows';
		if (this.#areUnread(unreadInRepeat(text, at.from), where)) return;
		const read = repeatIn(text, this.#highest);
		if ('wrong' in read) this.#complain(at, 'repeat', read.wrong, read.todo);
		else if ('idle' in read) {
			const from = at.from + text.lastIndexOf(read.idle);
			this.#areUnread([{ from, to: from + read.idle.length }], where);
		} else {
			const { total, ...repeat } = read;
			const { first, last, again } = repeat;
			this.repeats.push({ ...repeat, ...at });
			// What stands behind it is worked after it.
			if (last === this.#next - 1 && !total) this.#next += (again ?? 0) * (last - first + 1);
		}
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

const shorten = (text: string): string => (text.length > 40 ? `${text.slice(0, 39)}…` : text);
