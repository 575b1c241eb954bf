/**
 * The instructions of a row with other units, as a change of its text: what stands before the first
 * item that differs and after the last one stays as it was typed, markers included.
 */

import type { Item } from '../notation/index.ts';
import { fail, ok, type Result, type Span } from '../result.ts';
import { marksInOrder, widthOf, type Unit } from './units.ts';
import { writeUnits } from './write.ts';
import { MARK_WORDS } from './write-row.ts';
import type { WorkedRow } from '../worked/index.ts';

export interface TextChange extends Span {
	readonly insert: string;
}

/** Where a stitch goes in or comes out: so many units of the old row lie before it, so many it takes away. */
export interface Shift {
	readonly at: number;
	readonly out: 0 | 1;
}

/**
 * `before` and `next` in the order of working. With a `shift` the row gets wider or narrower there,
 * without one it keeps its width. `whole` writes all of it anew. Refuses to put a crossing over a marker.
 */
export function rewriteBody(
	row: WorkedRow,
	before: readonly Unit[],
	next: readonly Unit[],
	{ shift, whole = false }: { readonly shift?: Shift; readonly whole?: boolean } = {},
): Result<TextChange> {
	const kept = keptEnds(before, next, shift);
	// A row “as row 2” has its items elsewhere.
	const own = !whole && row.line.items.every((item) => inside(item, row.line.body));
	const spans = own ? itemsAt(row, before) : undefined;
	const [oldEdges, newEdges] = [edgesOf(before), edgesOf(next)];
	let first = spans?.findIndex((s) => s.last > kept.start) ?? -1;
	let last = spans?.findLastIndex((s) => s.first < before.length - kept.end) ?? -1;
	const { items } = row.line;
	if (spans && shift) {
		// What goes on to the end would take up the difference, ahead of the place that was meant.
		const open = items.findIndex(isOpen);
		if (open >= 0 && (first < 0 || open < first)) first = open;
		// A stitch at the seam of two items belongs to the one before it.
		if (first < 0 || first > last) first = last = Math.max(0, Math.min(first < 0 ? items.length - 1 : first, last));
	}
	const isPart = spans !== undefined && first >= 0 && last >= first;
	if (isPart) {
		// `k1, k1` is written as `k2`.
		const grows = (item: Item | undefined, unit: Unit | undefined): boolean =>
			item?.kind === 'stitch' && item.until.kind === 'times' && unit?.kind === 'stitch' && item.stitch.id === unit.how;
		while (grows(items[first - 1], next[spans[first]!.first])) first -= 1;
		const end = next.length - before.length;
		while (grows(items[last + 1], next[spans[last]!.last + end - 1])) last += 1;
	}
	const from = isPart ? spans[first]!.first : 0;
	const to = isPart ? next.length - (before.length - spans[last]!.last) : next.length;
	const at: Span = isPart ? { from: items[first]!.from, to: items[last]!.to } : row.line.body;
	const grown = newEdges.at(-1)! - oldEdges.at(-1)!;
	const marks = marksInOrder(row)
		.filter((m) => !isPart || inside(m, at))
		.map((m) => ({ ...m, at: m.at + (shift && m.at > oldEdges[shift.at]! ? grown : 0) }));
	const parts: string[] = [];
	let done = from;
	for (const mark of marks) {
		const place = newEdges.indexOf(mark.at, done);
		if (place < 0 || place > to) {
			return fail({
				code: 'edit',
				what: `There is a marker in row ${row.number}, and a crossing cannot go over it.`,
				todo: 'Move the marker in the text first, or put the crossing beside it.',
			});
		}
		if (place > done) parts.push(writeUnits(next.slice(done, place)));
		parts.push(MARK_WORDS[mark.does]);
		done = place;
	}
	if (to > done) parts.push(writeUnits(next.slice(done, to)));
	return ok({ ...at, insert: parts.join(', ') });
}

const inside = (a: Span, b: Span): boolean => a.from >= b.from && a.to <= b.to;

const isOpen = (item: Item): boolean =>
	item.kind === 'group'
		? item.items.some(isOpen)
		: (item.kind === 'stitch' || item.kind === 'as-they-stand' || item.kind === 'fabric' || item.kind === 'star') &&
			item.until.kind !== 'times';

/** How many units are the same at the start and at the end. */
function keptEnds(before: readonly Unit[], next: readonly Unit[], shift?: Shift): { start: number; end: number } {
	const same = (a: Unit, b: Unit): boolean =>
		a.kind === 'stitch' ? b.kind === 'stitch' && a.how === b.how : b.kind === 'crossing' && a.name === b.name;
	const most = Math.min(before.length, next.length);
	const [mostStart, mostEnd] = shift ? [shift.at, before.length - shift.at - shift.out] : [most, most];
	let start = 0;
	while (start < Math.min(most, mostStart) && same(before[start]!, next[start]!)) start += 1;
	let end = 0;
	while (end < Math.min(most - start, mostEnd) && same(before.at(-1 - end)!, next.at(-1 - end)!)) end += 1;
	return { start, end };
}

/** Stitches before each unit, and of all of them. */
function edgesOf(units: readonly Unit[]): readonly number[] {
	const edges = [0];
	for (const unit of units) edges.push(edges.at(-1)! + widthOf(unit));
	return edges;
}

/** For each item of the line the units that it makes; nothing when they do not fall apart that way. */
function itemsAt(row: WorkedRow, units: readonly Unit[]): readonly { first: number; last: number }[] | undefined {
	const edges = new Map(edgesOf(units).map((edge, i) => [edge, i]));
	const now = row.stitches.length;
	const steps =
		row.side === 'RS'
			? row.steps
			: [...row.steps].reverse().map((s) => ({ ...s, first: now - s.last, last: now - s.first }));
	const out: { first: number; last: number }[] = [];
	let k = 0;
	let done = 0;
	for (const item of row.line.items) {
		const first = edges.get(done);
		for (let step = steps[k]; step && inside(step, item); step = steps[k]) {
			done = step.last;
			k += 1;
		}
		const last = edges.get(done);
		if (first === undefined || last === undefined) return undefined;
		out.push({ first, last });
	}
	return k === steps.length && done === now ? out : undefined;
}
