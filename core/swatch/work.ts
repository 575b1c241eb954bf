/** Works a whole swatch: its text, row by row, repeats included. */

import { craftOf, PLAIN_CRAFT } from '../craft/index.ts';
import type { RowColour, RowLine, RowSide, RowsText, StatedSchool } from '../notation/index.ts';
import { atOnce, type Pieces } from '../pieces/index.ts';
import type { Span } from '../result.ts';
import { isTurned } from './turned.ts';
import { rowOrder, type PlannedRow } from './order.ts';
import { workRow, type RowDone, type RowResult, type RowStop } from './work-row.ts';
import { thousands } from '../thousands.ts';
import {
	isSlipped,
	type Scope,
	type SwatchShape,
	SWATCH_LIMITS,
	type SwatchProblem,
	type Twist,
	type Worked,
	type WorkedRow,
	type WorkedStitch,
} from '../worked/index.ts';

export interface SwatchStart {
	readonly castOn: number;
	readonly shape: SwatchShape;
	readonly school: StatedSchool;
	/** Plain knitting when left out. */
	readonly craft?: string | undefined;
	/** On every row when left out. */
	readonly twist?: Twist | undefined;
	/** Both layers when left out. */
	readonly layers?: Scope | undefined;
}

/** Parts that were read past and are told by their words. */
const QUOTED = 3;

export const CAST_ON: WorkedStitch = { face: 'k', how: 'cast-on', from: -1 };

/**
 * Works the rows of a text, each on the stitches that the row before left. A row that cannot be
 * worked is told with its reason and leaves the stitches as they were, so that the rows after it can
 * still be looked at. Total; linear in the stitches worked.
 */
export const workRows = (text: RowsText, start: SwatchStart): Worked => atOnce(workingRows(text, start));

/** The same in pieces: a row each. */
export function* workingRows(text: RowsText, start: SwatchStart): Pieces<Worked> {
	const { castOn, shape, school, craft = PLAIN_CRAFT, twist = 'every', layers = 'pairs' } = start;
	const problems: SwatchProblem[] = [...readProblems(text), ...roundsFlat(text, { shape, craft }), ...readPast(text)];
	const whole = { castOn, shape, school, craft, twist, layers, lines: text.rows, repeatLines: text.repeats };
	if (castOn < 1 || castOn > SWATCH_LIMITS.stitches) {
		const what = `A swatch has between 1 and ${SWATCH_LIMITS.stitches} stitches.`;
		problems.push(wrong(0, 'cast-on', what, 'Change how many are cast on.', { from: 0, to: 0 }));
		return { ...whole, castOn: Math.max(0, castOn), rows: [], repeats: [], problems, widest: Math.max(1, castOn) };
	}
	const { planned, repeats, problems: misplaced } = rowOrder(text);
	problems.push(...misplaced);
	const worker = new SwatchWorker(text, { castOn, shape, craft, twist }, planned[0]);
	for (const row of planned) {
		yield;
		worker.work(row);
	}
	const { rows, widest } = worker;
	problems.push(...worker.problems, ...endsOtherwise(text, rows), ...castOnOtherwise(text, castOn));
	return { ...whole, rows, repeats, problems: once(problems), widest };
}

/** Works rows one after the other, each on the stitches that the one before left. */
class SwatchWorker {
	readonly rows: WorkedRow[] = [];
	readonly problems: SwatchProblem[] = [];
	widest: number;
	readonly #text: RowsText;
	readonly #how: { readonly shape: SwatchShape; readonly craft: string; readonly twist: Twist };
	readonly #turned: boolean;
	/** Odd rows are on the right side, unless the first one says otherwise. */
	readonly #firstSide: RowSide;
	readonly #known = new RowCache();
	readonly #budget = { left: SWATCH_LIMITS.doneInAll };
	readonly #hasColours: boolean;
	#stitches: readonly WorkedStitch[];
	#markers: readonly number[] = [];
	#colour: RowColour = 'A';

	constructor(
		text: RowsText,
		how: { readonly castOn: number; readonly shape: SwatchShape; readonly craft: string; readonly twist: Twist },
		first: PlannedRow | undefined,
	) {
		this.#text = text;
		this.#how = how;
		this.#turned = isTurned(how);
		const isOther = first?.line.side !== undefined && (first.line.side === 'RS') !== isOdd(first.number);
		this.#firstSide = isOther && this.#turned ? 'WS' : 'RS';
		this.#hasColours = text.rows.some((r) => r.colour);
		const castOn = this.#hasColours ? { ...CAST_ON, colour: this.#colour } : CAST_ON;
		this.#stitches = Array.from({ length: how.castOn }, () => castOn);
		this.widest = how.castOn;
	}

	work({ number, told, line }: PlannedRow): void {
		const side = this.#sideOf(number, line);
		this.#colour = line.colour ?? this.#colour;
		if (line.side && line.side !== side && line.numbers.includes(number)) this.#saysOtherSide(number, side, line);
		const base = { number, told, side, line, ...(this.#hasColours ? { colour: this.#colour } : {}) };
		const { craft, twist } = this.#how;
		const result = this.#known.work(line, {
			stitches: this.#stitches,
			markers: this.#markers,
			side,
			isFirst: this.rows.length === 0,
			turned: this.#turned,
			craft,
			twist,
			at: line.body,
			most: SWATCH_LIMITS.stitches,
			budget: this.#budget,
		});
		if (result.ok) this.#done(base, result.done);
		else {
			this.#stopped(number, result.stop);
			const left = { stitches: this.#stitches, markers: this.#markers };
			this.rows.push({ ...base, ...left, crossings: [], steps: [], marks: [], ok: false });
		}
	}

	/** With a second yarn a row may be worked on the same side again: slid back to the end where that yarn hangs. */
	#sideOf(number: number, line: RowLine): RowSide {
		const inTurn: RowSide = !this.#turned || isOdd(number) === (this.#firstSide === 'RS') ? 'RS' : 'WS';
		const isSlid = line.colour !== undefined && line.colour !== this.#colour && this.rows.length > 0;
		return this.#turned && isSlid ? (line.side ?? inTurn) : inTurn;
	}

	#saysOtherSide(number: number, side: RowSide, line: RowLine): void {
		const why = this.#turned
			? ''
			: this.#how.shape === 'round'
				? ', as every row is in the round'
				: ', as the work is not turned';
		this.problems.push({
			row: number,
			weight: 'warning',
			reason: 'side',
			what: `Row ${number} is worked on the ${side}${why}, but its line says ${line.side}.`,
			todo: `It is worked as a ${side} row here. Correct the line, or the number.`,
			...(line.label ?? line.body),
		});
	}

	#done(base: Pick<WorkedRow, 'number' | 'told' | 'side' | 'line'>, worked: RowDone): void {
		const { number, line } = base;
		const keepsYarn = craftOf(this.#how.craft).inSwatch.keepsYarn;
		const { inAll, markersMoved, ...row } = this.#hasColours
			? coloured(worked, this.#stitches, this.#colour, keepsYarn)
			: worked;
		this.rows.push({ ...base, ...row, ok: true });
		({ stitches: this.#stitches, markers: this.#markers } = row);
		this.widest = Math.max(this.widest, row.stitches.length);
		for (const place of markersMoved)
			this.problems.push({
				row: number,
				weight: 'warning',
				reason: 'marker-inside',
				what: `A marker is inside a crossing, ${place} stitches from the right.`,
				todo: 'Put markers at the edges of a cable. Move it there.',
				place,
				...line.body,
			});
		for (const span of inAll)
			this.problems.push({
				row: number,
				weight: 'note',
				reason: 'times-in-all',
				what: 'The times are read as all of them, since the row comes out only so.',
				todo: 'If so many more are meant, write “times more” and cast on more.',
				...span,
			});
		const { count } = line;
		if (count && count.stitches !== row.stitches.length)
			this.problems.push({
				row: number,
				weight: 'warning',
				reason: 'count-said',
				what: `Row ${number} says ${count.stitches} stitches; as it is written there are ${row.stitches.length}.`,
				todo: 'Correct the row, or the number.',
				from: count.from,
				to: count.to,
			});
	}

	#stopped(number: number, { reason, what, todo, at }: RowStop): void {
		const told = this.#text.problems.find((p) => p.at.from === at.from && p.at.to === at.to && p.fixes);
		this.problems.push({ ...wrong(number, reason, what, todo, at), ...(told?.fixes ? { fixes: told.fixes } : {}) });
	}
}

const wrong = (row: number, reason: string, what: string, todo: string, { from, to }: Span): SwatchProblem => ({
	row,
	weight: 'error',
	reason,
	what,
	todo,
	from,
	to,
});

/** What could not be read, but for words that the row which has them stops at. */
const readProblems = ({ problems }: RowsText): readonly SwatchProblem[] =>
	problems
		.filter((p) => p.code !== 'unknown-term' && p.code !== 'other-school')
		.map((p) => ({
			...wrong(0, p.code, p.what, p.todo, p.at),
			...(p.code === 'glossary' ? { weight: 'warning' as const } : {}),
			...(p.fixes ? { fixes: p.fixes } : {}),
		}));

function roundsFlat({ rows }: RowsText, how: Pick<Worked, 'shape' | 'craft'>): readonly SwatchProblem[] {
	const round = rows.find((r) => r.isRound);
	if (!round || !isTurned(how)) return [];
	return [
		{
			row: round.numbers[0] ?? 0,
			weight: 'warning',
			reason: 'rounds-flat',
			what: 'The text has rounds, which are all RS. This swatch is worked flat, so every other one is a WS row here.',
			todo: 'Choose “in the round” for the swatch, or call them rows.',
			...(round.label ?? round.body),
		},
	];
}

/** Nothing that was typed goes unsaid: what changes no row is listed as well. */
function readPast({ past }: RowsText): readonly SwatchProblem[] {
	const [first] = past;
	if (!first) return [];
	const parts = past.slice(0, QUOTED).map(({ said }) => `“${said.length > 40 ? `${said.slice(0, 39)}…` : said}”`);
	const more = past.length - parts.length;
	const said = `${parts.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
	return [
		{
			row: 0,
			weight: 'note',
			reason: 'read-past',
			what: `Read past, as it says nothing here of what hands do in a row: ${said}.`,
			todo: 'If it is a row, begin it with its number; if it changes what hands do, say it in other words.',
			from: first.from,
			to: first.to,
		},
	];
}

/** Repeats that say what they end with, and end with another row. */
function endsOtherwise({ repeats }: RowsText, rows: readonly WorkedRow[]): readonly SwatchProblem[] {
	return repeats.flatMap(({ endsWith, last, from, to }): SwatchProblem[] => {
		const side = rows.find((r) => r.number === last)?.side;
		if (endsWith === undefined || endsWith === last || endsWith === side) return [];
		const wanted = typeof endsWith === 'number' ? `row ${endsWith}` : `a ${endsWith} row`;
		return [
			{
				row: last,
				weight: 'warning',
				reason: 'ends-with',
				what: `The line ends with ${wanted}; here the last repeat ends with row ${last}${side ? `, on the ${side}` : ''}.`,
				todo: 'Write out the rows after the last whole repeat, such as “Row 9: as row 1”.',
				from,
				to,
			},
		];
	});
}

function castOnOtherwise({ castOn: said }: RowsText, castOn: number): readonly SwatchProblem[] {
	if (!said || said.stitches === castOn) return [];
	const what = `Cast on ${said.stitches}, and this swatch ${castOn}.`;
	return [{ ...wrong(0, 'cast-on-said', what, 'Make the two agree.', said), weight: 'warning' }];
}

/** Rows before the first one have the numbers 0, -1 and so on. */
const isOdd = (number: number): boolean => Math.abs(number) % 2 === 1;

/** A line that is worked again on the same stitches comes out the same: plain rows are worked once for each repeat otherwise. */
class RowCache {
	readonly #known = new Map<RowLine, { start: Parameters<typeof workRow>[1]; result: RowResult }>();

	work(line: RowLine, start: Parameters<typeof workRow>[1]): RowResult {
		const before = this.#known.get(line);
		if (before && before.start.side === start.side && sameFaces(before.start, start)) return before.result;
		const result = workRow(line.items, start);
		this.#known.set(line, { start, result });
		return result;
	}
}

/** Each stitch in the yarn of its row; slipped ones in the yarn that they had. */
const coloured = (
	done: RowDone,
	before: readonly WorkedStitch[],
	row: RowColour,
	keepsYarn: ((s: WorkedStitch) => boolean) | undefined,
): RowDone => ({
	...done,
	stitches: done.stitches.map((s) => {
		const slipped = s.from >= 0 && (isSlipped(s) || keepsYarn?.(s));
		return { ...s, colour: (slipped ? before[s.from]!.colour : undefined) ?? row };
	}),
});

function sameFaces(a: { stitches: readonly WorkedStitch[]; markers: readonly number[] }, b: typeof a): boolean {
	return (
		a.stitches.length === b.stitches.length &&
		a.markers.length === b.markers.length &&
		a.markers.every((m, i) => m === b.markers[i]) &&
		(a.stitches[0]?.how === 'cast-on') === (b.stitches[0]?.how === 'cast-on') &&
		a.stitches.every((s, i) => s.face === b.stitches[i]!.face && s.twisted === b.stitches[i]!.twisted)
	);
}

/** One complaint for a line, however many rows it tells. */
function once(problems: readonly SwatchProblem[]): readonly SwatchProblem[] {
	const seen = new Set<string>();
	const all = problems
		.filter((p) => {
			const key = `${p.reason} ${p.from} ${p.to} ${p.what}`;
			if (seen.has(key)) return false;
			seen.add(key);
			return true;
		})
		.sort((a, b) => a.from - b.from);
	const more = all.length - SWATCH_LIMITS.problems;
	if (more <= 0) return all;
	const first = all[SWATCH_LIMITS.problems]!;
	const what = `There are ${thousands(more)} more problems below this one.`;
	return [
		...all.slice(0, SWATCH_LIMITS.problems),
		{ ...first, reason: 'more-problems', what, todo: 'Correct those above first; then you see the others.', fixes: [] },
	];
}
