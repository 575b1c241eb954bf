/** One row as it is said aloud at the needles. */

import { craftOf, type PlanFor, type RowPart } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import { sentenceFor, STITCH_KINDS, wordsFor } from '../notation/index.ts';
import type { Worked } from './worked.ts';
import { unitsOf, type Unit } from './units.ts';

/** What is done in a row, one part after the other, in the order of working, as the tools of the class stand. */
export function rowParts(worked: Worked, i: number, tools: PlanFor = {}): readonly RowPart[] {
	const { row, crossed } = craftOf(worked.craft).inSwatch;
	if (row) return row(worked, i, tools);
	const parts: RowPart[] = [];
	let run: { how: string; many: number } | undefined;
	/** Pegs done, from the right. */
	let at = 0;
	const close = (): void => {
		if (run) parts.push(partOf(run.how, run.many));
		run = undefined;
	};
	for (const unit of unitsOf(worked.rows[i]!)) {
		if (unit.kind === 'stitch' && run?.how === unit.how) {
			run.many += 1;
			at += takesOf(unit.how);
			continue;
		}
		close();
		if (unit.kind === 'stitch') run = { how: unit.how, many: 1 };
		else {
			const takes = unit.crossing.n;
			parts.push(
				crossed
					? { says: `${unit.name}: ${crossed(unit.crossing, at, tools)}`, takes, crossing: true }
					: crossingPart(unit, worked),
			);
		}
		at += unit.kind === 'stitch' ? takesOf(unit.how) : unit.crossing.n;
	}
	close();
	return parts;
}

const takesOf = (how: string): number => STITCH_KINDS.get(how)?.takes ?? 1;

function partOf(how: string, many: number): RowPart {
	const kind = STITCH_KINDS.get(how);
	const takes = takesOf(how) * many;
	if (how === 'k' || how === 'p' || how === 'sl') {
		const verb = { k: 'knit', p: 'purl', sl: 'slip' }[how];
		return { says: `${verb} ${many}`, takes, crossing: false };
	}
	const says = kind?.says ?? how;
	return { says: many === 1 ? says : `${says}, ${many} times`, takes, crossing: false };
}

/** Stitches up to which a crossing is told move by move. */
const WORDY = 16;

function crossingPart({ name, crossing }: Extract<Unit, { kind: 'crossing' }>, worked: Worked): RowPart {
	// A wide one of many groups has no short sentence; then it is said what the hands do with its first.
	// Where a stitch is a unit or a pair, the sentence of plain knitting would say something else.
	const plain = craftOf(worked.craft).hasSentence;
	const sentence = plain && crossing.n <= WORDY ? sentenceFor(crossing) : undefined;
	return { says: `${name}: ${sentence ?? handsIn(worked, crossing)}`, takes: crossing.n, crossing: true };
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
