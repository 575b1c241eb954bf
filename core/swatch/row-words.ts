/** One row as it is said aloud at the needles. */

import {
	craftOf,
	inShort,
	type PlanFor,
	preferredWay,
	type ClassTools,
	type RowPart,
	type WayTaste,
} from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import { sentenceFor, STITCH_KINDS, wordsFor } from '../notation/index.ts';
import { fold, type Fold } from './fold.ts';
import type { GapMark } from './gaps.ts';
import { marksInOrder, unitsOf, widthOf, type Unit } from './units.ts';
import type { Worked, WorkedRow } from '../worked/index.ts';

/** How the tools of the class stand, and which way its teacher likes where the house style is known. */
export interface RowsFor extends PlanFor {
	readonly taste?: WayTaste & ClassTools;
	/** First purls after a cord that are wrapped the short way, and whether the row after untwists them. */
	readonly gaps?: readonly GapMark[];
	readonly untwists?: boolean;
	/** Whether left hands do it: needles and ends are then named the other way about. */
	readonly mirrored?: boolean;
}

/** What is done in a row, one part after the other, in the order of working. */
export function rowParts(worked: Worked, i: number, asked: RowsFor = {}): readonly RowPart[] {
	const { row, crossed } = craftOf(worked.craft).inSwatch;
	if (row) return row(worked, i, asked);
	const parts: RowPart[] = [];
	let run: { how: string; many: number; manner: string } | undefined;
	const mannerAt = mannersIn(worked, i, asked);
	/** Pegs done, from the right. */
	let at = 0;
	/** Stitches of this row done, in the order of working. */
	let made = 0;
	const markers = [...markersIn(worked.rows[i]!)];
	const close = (): void => {
		if (run) parts.push(partOf(run.how, run.many, run.manner));
		run = undefined;
	};
	const mark = (): void => {
		while (markers[0] && markers[0].at <= made) {
			close();
			parts.push({ says: markers.shift()!.says, takes: 0, crossing: false });
		}
	};
	for (const unit of unitsOf(worked.rows[i]!)) {
		mark();
		const width = widthOf(unit);
		if (unit.kind === 'stitch') {
			const manner = mannerAt(made);
			if (run?.how === unit.how && run.manner === manner) run.many += 1;
			else {
				close();
				run = { how: unit.how, many: 1, manner };
			}
			at += takesOf(unit.how);
		} else {
			close();
			const takes = unit.crossing.n;
			parts.push(
				crossed
					? { says: `${unit.name}: ${crossed(unit.crossing, at, asked)}`, takes, crossing: true }
					: crossingPart(unit, worked, asked),
			);
			at += takes;
		}
		made += width;
	}
	mark();
	close();
	return parts;
}

/** How the stitch that is worked after so many others is worked otherwise than the row says, to close a gap. */
function mannersIn(worked: Worked, i: number, { gaps = [], untwists = true }: RowsFor): (done: number) => string {
	const row = worked.rows[i]!;
	const short = new Set(gaps.flatMap((g) => (g.row === i ? [g.column] : [])));
	const turned = new Set(gaps.flatMap((g) => (untwists && g.partner === i ? [g.column] : [])));
	return (done) => {
		const column = row.side === 'RS' ? done : row.stitches.length - 1 - done;
		const stitch = row.stitches[column];
		const says = [
			// Only what stands on that one stitch: what was crossed or decreased since says for itself how it is worked.
			...(stitch && (stitch.how === 'k' || stitch.how === 'p') && turned.has(stitch.from)
				? [' through the back loop']
				: []),
			...(short.has(column) ? [', the yarn the short way'] : []),
		];
		return says.join('');
	};
}

/** Parts with what comes several times told once: `knit 2, purl 1`, seven times. */
export const grouped = (parts: readonly RowPart[]): readonly Fold<RowPart>[] => fold(parts, ({ says }) => says);

const DOES = { place: 'place a marker', slip: 'slip the marker', remove: 'take the marker off' } as const;

/** What becomes of markers, those that only pass along included, in the order of working. */
function markersIn(row: WorkedRow): readonly { readonly at: number; readonly says: string }[] {
	const told = marksInOrder(row);
	const there = row.side === 'RS' ? row.markers : row.markers.map((at) => row.stitches.length - at);
	const silent = there.filter((at) => !told.some((m) => m.at === at && m.does !== 'remove'));
	return [
		...told.map(({ at, does }) => ({ at, says: DOES[does] })),
		...silent.map((at) => ({ at, says: DOES.slip })),
	].sort((a, b) => a.at - b.at);
}

const takesOf = (how: string): number => STITCH_KINDS.get(how)?.takes ?? 1;

const COUNTED: Readonly<Record<string, readonly [string, string?]>> = {
	k: ['knit'],
	p: ['purl'],
	sl: ['slip', ' purlwise'],
	ktbl: ['knit', ' through the back loop'],
	ptbl: ['purl', ' through the back loop'],
};

function partOf(how: string, many: number, more = ''): RowPart {
	const kind = STITCH_KINDS.get(how);
	const takes = takesOf(how) * many;
	const [verb, manner = ''] = COUNTED[how] ?? [];
	if (verb !== undefined) return { says: `${verb} ${many}${manner}${more}`, takes, crossing: false };
	const says = kind?.says ?? how;
	return { says: many === 1 ? says : `${says}, ${many} times`, takes, crossing: false };
}

/** The way that the sentence of a crossing tells. */
const USUAL_WAY = 'off-holder';

/** Stitches up to which a crossing is told move by move. */
const WORDY = 16;

function crossingPart(
	{ name, crossing }: Extract<Unit, { kind: 'crossing' }>,
	worked: Worked,
	{ taste, mirrored = false }: RowsFor,
): RowPart {
	const takes = crossing.n;
	const craft = craftOf(worked.craft);
	// A wide one of many groups has no short sentence; then it is said what the hands do with its first.
	// Where a stitch is a unit or a pair, the sentence of plain knitting would say something else.
	if (!craft.hasSentence || takes > WORDY)
		return { says: `${name}: ${handsIn(worked, crossing)}`, takes, crossing: true };
	const way = taste && preferredWay(crossing, taste);
	const liked =
		taste === undefined || way === undefined || way === USUAL_WAY
			? undefined
			: inShort(craft.withTools?.(taste) ?? craft, crossing, way, { workedOff: mirrored ? 'right' : 'left' });
	return {
		says: `${name}: ${liked ?? sentenceFor(crossing, mirrored) ?? handsIn(worked, crossing)}`,
		takes,
		crossing: true,
	};
}

/** Stitches between the markers that hang in the row before, in the order of working; one number when there are none. */
export function betweenMarkers(worked: Worked, i: number): readonly number[] {
	const before = worked.rows[i - 1];
	const count = before?.stitches.length ?? worked.castOn;
	const markers = before?.markers ?? [];
	const edges = [0, ...[...markers].sort((a, b) => a - b), count];
	const parts = edges.slice(1).map((edge, k) => edge - edges[k]!);
	return worked.rows[i]!.side === 'WS' ? parts.reverse() : parts;
}

/** What the hands do with the first group, in what counts as one in a craft. */
function handsIn(worked: Worked, crossing: Crossing): string {
	const { hands } = wordsFor(crossing);
	const one = craftOf(worked.craft).inSwatch.one?.(worked);
	return one
		? hands
				.replace('the first stitch', `the first ${one}`)
				.replace(/the first (\d+)/, `the first $1 ${one.replace(/stitch$/, 'stitche')}s`)
		: hands;
}
