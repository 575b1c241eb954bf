/** Works a whole swatch: its text, row by row, repeats included. */

import { craftOf, PLAIN_CRAFT } from '../craft/index.ts';
import type { RowColour, RowLine, RowSide, RowsText, StatedSchool } from '../notation/index.ts';
import { atOnce, type Pieces } from '../pieces/index.ts';
import type { Span } from '../result.ts';
import { isTurned } from './turned.ts';
import { workRow, type RowDone, type RowResult } from './work-row.ts';
import { thousands } from '../thousands.ts';
import {
	type RepeatShown,
	type Scope,
	type Shape,
	SWATCH_LIMITS,
	type SwatchProblem,
	type Twist,
	type Worked,
	type WorkedRow,
	type WorkedStitch,
} from '../worked/index.ts';

export interface SwatchStart {
	readonly castOn: number;
	readonly shape: Shape;
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

/** A row that is to be worked: its number, and the line and number under which the text tells it. */
interface Planned {
	readonly number: number;
	readonly told: number;
	readonly line: RowLine;
}

/**
 * Works the rows of a text, each on the stitches that the row before left. A row that cannot be
 * worked is told with its reason and leaves the stitches as they were, so that the rows after it can
 * still be looked at. Total; linear in the stitches worked.
 */
export const workRows = (text: RowsText, start: SwatchStart): Worked => atOnce(workingRows(text, start));

/** The same in pieces: a row each. */
export function* workingRows(
	text: RowsText,
	{ castOn, shape, school, craft = PLAIN_CRAFT, twist = 'every', layers = 'pairs' }: SwatchStart,
): Pieces<Worked> {
	const problems: SwatchProblem[] = text.problems
		.filter((p) => p.code !== 'unknown-term' && p.code !== 'other-school')
		.map((p) => ({
			row: 0,
			weight: p.code === 'glossary' ? 'warning' : 'error',
			reason: p.code,
			what: p.what,
			todo: p.todo,
			...p.at,
			...(p.fixes ? { fixes: p.fixes } : {}),
		}));
	const round = text.rows.find((r) => r.isRound);
	if (round && isTurned({ shape, craft })) {
		problems.push({
			row: round.numbers[0] ?? 0,
			weight: 'warning',
			reason: 'rounds-flat',
			what: 'The text has rounds, which are all RS. This swatch is worked flat, so every other one is a WS row here.',
			todo: 'Choose “in the round” for the swatch, or call them rows.',
			...(round.label ?? round.body),
		});
	}
	// Nothing that was typed goes unsaid: what changes no row is listed as well.
	const [first] = text.past;
	if (first) {
		const parts = text.past
			.slice(0, QUOTED)
			.map(({ said }) => `“${said.length > 40 ? `${said.slice(0, 39)}…` : said}”`);
		const more = text.past.length - parts.length;
		const said = `${parts.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
		problems.push({
			row: 0,
			weight: 'note',
			reason: 'read-past',
			what: `Read past, as it says nothing here of what hands do in a row: ${said}.`,
			todo: 'If it is a row, begin it with its number; if it changes what hands do, say it in other words.',
			from: first.from,
			to: first.to,
		});
	}
	if (castOn < 1 || castOn > SWATCH_LIMITS.stitches) {
		const what = `A swatch has between 1 and ${SWATCH_LIMITS.stitches} stitches.`;
		problems.push({
			row: 0,
			weight: 'error',
			reason: 'cast-on',
			what,
			todo: 'Change how many are cast on.',
			from: 0,
			to: 0,
		});
		return {
			castOn: Math.max(0, castOn),
			shape,
			school,
			craft,
			twist,
			layers,
			rows: [],
			repeats: [],
			lines: text.rows,
			repeatLines: text.repeats,
			problems,
			widest: Math.max(1, castOn),
		};
	}
	const { planned, repeats } = plan(text, problems);
	const turned = isTurned({ shape, craft });
	// Odd rows are on the right side, unless the first one says otherwise.
	const begins = planned[0];
	const isOther = begins?.line.side !== undefined && (begins.line.side === 'RS') !== isOdd(begins.number);
	const firstSide: RowSide = isOther && turned ? 'WS' : 'RS';
	const rows: WorkedRow[] = [];
	let stitches: readonly WorkedStitch[] = Array.from({ length: castOn }, () => CAST_ON);
	let markers: readonly number[] = [];
	let widest = castOn;
	const known = new RowCache();
	const budget = { left: SWATCH_LIMITS.doneInAll };
	const hasColours = text.rows.some((r) => r.colour);
	let colour: RowColour = 'A';
	if (hasColours) stitches = stitches.map((s) => ({ ...s, colour }));
	for (const { number, told, line } of planned) {
		yield;
		// With a second yarn a row may be worked on the same side again: slid back to the end where that yarn hangs.
		const isSlid = line.colour !== undefined && line.colour !== colour && rows.length > 0;
		const inTurn: RowSide = !turned || isOdd(number) === (firstSide === 'RS') ? 'RS' : 'WS';
		const side: RowSide = turned && isSlid ? (line.side ?? inTurn) : inTurn;
		colour = line.colour ?? colour;
		if (line.side && line.side !== side && line.numbers.includes(number)) {
			problems.push({
				row: number,
				weight: 'warning',
				reason: 'side',
				what: `Row ${number} is worked on the ${side}${turned ? '' : shape === 'round' ? ', as every row is in the round' : ', as the work is not turned'}, but its line says ${line.side}.`,
				todo: `It is worked as a ${side} row here. Correct the line, or the number.`,
				...(line.label ?? line.body),
			});
		}
		const result = known.work(line, {
			stitches,
			markers,
			side,
			isFirst: rows.length === 0,
			turned,
			craft,
			twist,
			at: line.body,
			most: SWATCH_LIMITS.stitches,
			budget,
		});
		const base = { number, told, side, line, ...(hasColours ? { colour } : {}) };
		if (result.ok) {
			const done = hasColours
				? coloured(result.done, stitches, colour, craftOf(craft).inSwatch.keepsYarn)
				: result.done;
			rows.push({ ...base, ...done, ok: true });
			for (const m of done.markersMoved) {
				problems.push({
					row: number,
					weight: 'warning',
					reason: 'marker-inside',
					what: `A marker is inside a crossing, ${m} stitches from the right.`,
					todo: 'Put markers at the edges of a cable. Move it there.',
					place: m,
					...line.body,
				});
			}
			for (const span of done.inAll) {
				problems.push({
					row: number,
					weight: 'note',
					reason: 'times-in-all',
					what: 'The times are read as all of them, since the row comes out only so.',
					todo: 'If so many more are meant, write “times more” and cast on more.',
					...span,
				});
			}
			({ stitches, markers } = done);
			const { count } = line;
			if (count && count.stitches !== stitches.length) {
				problems.push({
					row: number,
					weight: 'warning',
					reason: 'count-said',
					what: `Row ${number} says ${count.stitches} stitches; as it is written there are ${stitches.length}.`,
					todo: 'Correct the row, or the number.',
					from: count.from,
					to: count.to,
				});
			}
			widest = Math.max(widest, stitches.length);
		} else {
			const { reason, what, todo, at } = result.stop;
			const told = text.problems.find((p) => p.at.from === at.from && p.at.to === at.to && p.fixes);
			problems.push({
				row: number,
				weight: 'error',
				reason,
				what,
				todo,
				...at,
				...(told?.fixes ? { fixes: told.fixes } : {}),
			});
			rows.push({ ...base, stitches, crossings: [], steps: [], markers, marks: [], ok: false });
		}
	}
	for (const line of text.repeats) {
		const side = rows.find((r) => r.number === line.last)?.side;
		if (line.endsWith === undefined || line.endsWith === line.last || line.endsWith === side) continue;
		const wanted = typeof line.endsWith === 'number' ? `row ${line.endsWith}` : `a ${line.endsWith} row`;
		problems.push({
			row: line.last,
			weight: 'warning',
			reason: 'ends-with',
			what: `The line ends with ${wanted}; here the last repeat ends with row ${line.last}${side ? `, on the ${side}` : ''}.`,
			todo: 'Write out the rows after the last whole repeat, such as “Row 9: as row 1”.',
			from: line.from,
			to: line.to,
		});
	}
	if (text.castOn && text.castOn.stitches !== castOn) {
		const { stitches: said, from, to } = text.castOn;
		problems.push({
			row: 0,
			weight: 'warning',
			reason: 'cast-on-said',
			what: `Cast on ${said}, and this swatch ${castOn}.`,
			todo: 'Make the two agree.',
			from,
			to,
		});
	}
	return {
		castOn,
		shape,
		school,
		craft,
		twist,
		layers,
		rows,
		repeats,
		lines: text.rows,
		repeatLines: text.repeats,
		problems: once(problems),
		widest,
	};
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
		const slipped = s.from >= 0 && (s.how === 'sl' || s.how === 'sl1yo' || keepsYarn?.(s));
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

function plan(text: RowsText, problems: SwatchProblem[]): { planned: Planned[]; repeats: RepeatShown[] } {
	const told = new Map<number, RowLine>();
	for (const line of text.rows) {
		const twice: number[] = [];
		for (const n of line.numbers) {
			if (told.has(n)) twice.push(n);
			else told.set(n, line);
		}
		const [n] = twice;
		if (n === undefined) continue;
		const more = twice.length === 1 ? '' : `, and so are ${twice.length - 1} more of this line`;
		const what = `Row ${n} is there twice${more}; the first one counts.`;
		complain(problems, n, 'told-twice', what, 'Take one of them out.', line.label ?? line.body);
	}
	const everies = text.rows.filter((r) => r.every);
	const numbers = [...told.keys()].sort((a, b) => a - b);
	let highest = numbers.at(-1) ?? 0;
	if (everies.length > 0) for (const { last } of text.repeats) highest = Math.max(highest, last);
	const planned: Planned[] = [];
	/** What each number came to be: a repeat may stand on rows that another repeat made. */
	const made = new Map<number, Planned>();
	const repeats: RepeatShown[] = [];
	const lineFor = (n: number): RowLine | undefined =>
		told.get(n) ??
		text.rows.find((r) => r.each && n > r.numbers[0]! && (n - r.numbers[0]!) % r.each === 0) ??
		everies.find((e) => e.every === 'any' || (e.every === 'WS') === (n % 2 === 0));
	const used = new Set<(typeof text.repeats)[number]>();
	/** Rows that a repeat fills, up to the next one that is told. */
	const fills = new Map<(typeof text.repeats)[number], number>();
	const add = (number: number, line: RowLine, as = number): boolean => {
		if (planned.length >= SWATCH_LIMITS.rows) return false;
		const row = { number, told: as, line };
		planned.push(row);
		made.set(number, row);
		return true;
	};
	let place = 0;
	// A pattern may begin further on, as when one row of many is asked about.
	const start = numbers[0]! <= 0 ? numbers[0]! : (numbers[0] ?? 1) > 2 && everies.length === 0 ? numbers[0]! : 1;
	if (start > 1) {
		const line = told.get(start)!;
		problems.push({
			row: start,
			weight: 'note',
			reason: 'begins-later',
			what: `It begins with row ${start}.`,
			todo: `Rows 1 to ${start - 1} are missing. The cast-on number is used as the stitches they leave.`,
			...(line.label ?? line.body),
		});
	}
	for (let n = start; n <= highest; n++) {
		while (place < numbers.length && numbers[place]! <= n) place += 1;
		const next = numbers[place] ?? Infinity;
		// A repeat that stands before the next row that is told goes on up to it.
		const filler = told.has(n)
			? undefined
			: text.repeats.find((r) => r.last < n && r.from < (told.get(next)?.from ?? Infinity));
		const as = filler ? filler.first + ((n - filler.last - 1) % (filler.last - filler.first + 1)) : n;
		const again = filler ? made.get(as) : undefined;
		const line = again?.line ?? lineFor(as);
		if (line) {
			if (filler) {
				used.add(filler);
				fills.set(filler, (fills.get(filler) ?? 0) + 1);
			}
			if (!add(n, line, again?.told ?? as)) break;
		} else if (Number.isFinite(next)) {
			const following = told.get(next)!;
			complain(
				problems,
				n,
				'missing-row',
				`Row ${n} is missing.`,
				`Write it before row ${next}, or correct the numbers.`,
				following.label ?? following.body,
			);
			n = next - 1;
		}
	}
	let after = Math.max(highest, 0);
	for (const repeat of text.repeats) {
		const span = repeat.last - repeat.first + 1;
		const places = planned.flatMap((p, i) => (p.number >= repeat.first && p.number <= repeat.last ? [i] : []));
		if (places.length < span) {
			complain(
				problems,
				0,
				'repeat',
				`Rows ${repeat.first} to ${repeat.last} are repeated, but some of them are missing.`,
				'Correct the row numbers of the repeat.',
				repeat,
			);
			continue;
		}
		const filled = used.has(repeat) ? (fills.get(repeat) ?? 0) : 0;
		const again = used.has(repeat) ? filled / span : repeat.again;
		if (again !== undefined && repeat.again !== undefined && again !== repeat.again) {
			complain(
				problems,
				0,
				'repeat',
				`Rows ${repeat.first} to ${repeat.last} are to be worked ${repeat.again} times more, but there is room for ${Math.round(again * 100) / 100} before the next row.`,
				'Correct the times, or the numbers of the rows after it.',
				repeat,
			);
		}
		repeats.push({
			first: places[0]!,
			last: places.at(-1)!,
			times: again === undefined ? undefined : again + 1,
			line: repeat,
		});
		if (used.has(repeat)) continue;
		const rows = places.map((i) => planned[i]!);
		let isRoom = true;
		for (let k = 0; k < (repeat.again ?? 0) && isRoom; k++) {
			for (const { line, told: as } of rows) {
				after += 1;
				isRoom = add(after, line, as);
				if (!isRoom) break;
			}
		}
	}
	if (planned.length >= SWATCH_LIMITS.rows) {
		complain(
			problems,
			0,
			'too-many-rows',
			`Only the first ${SWATCH_LIMITS.rows} rows are worked.`,
			'Repeat fewer times, or split it into two swatches.',
			text.repeats.at(-1) ?? { from: 0, to: 0 },
		);
	}
	return { planned, repeats };
}

function complain(
	problems: SwatchProblem[],
	row: number,
	reason: string,
	what: string,
	todo: string,
	{ from, to }: Span,
): void {
	problems.push({ row, weight: 'error', reason, what, todo, from, to });
}
