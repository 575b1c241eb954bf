/** One row as it is said aloud at the needles. */

import { craftOf, type CraftId } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import { sentenceFor, STITCH_KINDS, wordsFor } from '../notation/index.ts';
import type { Worked } from './fabric.ts';
import { unitsOf, type Unit } from './units.ts';

export interface RowPart {
	readonly says: string;
	/** Stitches that it takes off the left needle. */
	readonly takes: number;
	readonly crossing: boolean;
}

/** What is done in a row, one part after the other, in the order of working. */
export function rowParts(worked: Worked, i: number): readonly RowPart[] {
	const parts: RowPart[] = [];
	let run: { how: string; many: number } | undefined;
	const close = (): void => {
		if (run) parts.push(partOf(run.how, run.many));
		run = undefined;
	};
	for (const unit of unitsOf(worked.rows[i]!)) {
		if (unit.kind === 'stitch' && run?.how === unit.how) {
			run.many += 1;
			continue;
		}
		close();
		if (unit.kind === 'stitch') run = { how: unit.how, many: 1 };
		else parts.push(crossingPart(unit, worked.craft));
	}
	close();
	return parts;
}

function partOf(how: string, many: number): RowPart {
	const kind = STITCH_KINDS.get(how);
	const takes = (kind?.takes ?? 1) * many;
	if (how === 'k' || how === 'p' || how === 'sl') {
		const verb = { k: 'knit', p: 'purl', sl: 'slip' }[how];
		return { says: `${verb} ${many}`, takes, crossing: false };
	}
	const says = kind?.says ?? how;
	return { says: many === 1 ? says : `${says}, ${many} times`, takes, crossing: false };
}

/** Stitches up to which a crossing is told move by move. */
const WORDY = 16;

function crossingPart({ name, crossing }: Extract<Unit, { kind: 'crossing' }>, craft: CraftId): RowPart {
	// A wide one of many groups has no short sentence; then it is said what the hands do with its first.
	// Where a stitch is a unit or a pair, the sentence of plain knitting would say something else.
	const plain = craftOf(craft).hasSentence;
	const sentence = plain && crossing.n <= WORDY ? sentenceFor(crossing) : undefined;
	return { says: `${name}: ${sentence ?? handsIn(craft, crossing)}`, takes: crossing.n, crossing: true };
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

/** What counts as one stitch, where it is something else. */
const COUNTS_AS_ONE: Readonly<Partial<Record<CraftId, string>>> = { brioche: 'unit', 'double-knit': 'pair' };

/** What the hands do with the first group, in what counts as one in a craft. */
function handsIn(craft: CraftId, crossing: Crossing): string {
	const { hands } = wordsFor(crossing);
	const one = COUNTS_AS_ONE[craft];
	return one
		? hands.replace('the first stitch', `the first ${one}`).replace(/the first (\d+)/, `the first $1 ${one}s`)
		: hands;
}
