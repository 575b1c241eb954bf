import { marksInOrder, unitsOf, widthOf } from './units.ts';
import { writeUnits } from './write.ts';
import type { WorkedMark, WorkedRow } from '../worked/index.ts';

/** What a row does with a marker, as it is written. */
export const MARK_WORDS: Readonly<Record<WorkedMark['does'], string>> = { place: 'pm', slip: 'sm', remove: 'rm' };

/** The instructions of a row as the worker does it, with its markers in their places. */
export function writeRow(row: WorkedRow): string {
	const units = unitsOf(row);
	const parts: string[] = [];
	let [done, at] = [0, 0];
	for (const mark of marksInOrder(row)) {
		const from = done;
		while (done < units.length && at < mark.at) at += widthOf(units[done++]!);
		if (done > from) parts.push(writeUnits(units.slice(from, done)));
		parts.push(MARK_WORDS[mark.does]);
	}
	if (done < units.length) parts.push(writeUnits(units.slice(done)));
	return parts.join(', ');
}
