/** From units back to the text of a row. */

import type { RowColour } from '../notation/index.ts';
import { fold } from './fold.ts';
import type { Unit } from './units.ts';

const COUNTED = new Set(['k', 'p', 'sl', 'ktbl', 'ptbl', 'brk', 'brp']);

/** A run of one kind as it is written: `k3`, `k1 tbl`, `k2tog`. */
interface Word {
	readonly text: string;
}

/** How many units from a place on are the same stitch; 1 for a crossing. */
export function runAt(units: readonly Unit[], i: number): number {
	const first = units[i]!;
	let many = 1;
	if (first.kind === 'crossing') return many;
	for (let next = units[i + many]; next?.kind === 'stitch' && next.how === first.how; next = units[i + many]) many += 1;
	return many;
}

function words(units: readonly Unit[]): Word[] {
	const out: Word[] = [];
	for (let i = 0; i < units.length;) {
		const unit = units[i]!;
		if (unit.kind === 'crossing') {
			out.push({ text: unit.name });
			i += 1;
			continue;
		}
		const many = runAt(units, i);
		const twisted = unit.how.endsWith('tbl');
		const base = twisted ? unit.how.slice(0, 1) : unit.how;
		if (COUNTED.has(unit.how)) out.push({ text: `${base}${many}${twisted ? ' tbl' : ''}` });
		else for (let k = 0; k < many; k++) out.push({ text: unit.how });
		i += many;
	}
	return out;
}

/**
 * Writes units as a person would: runs counted, what comes three times or more in a row in brackets.
 * Reading it back gives the same units.
 */
export function writeUnits(units: readonly Unit[]): string {
	return fold(words(units), ({ text }) => text)
		.map(({ body, times }) => {
			const said = body.map(({ text }) => text).join(', ');
			return times === 1 ? said : `[${said}] ${times} times`;
		})
		.join(', ');
}

/** How often a repeat is worked after its first time: `once more`, `4 times more`. */
export const timesMore = (times: number): string =>
	`${times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`} more`;

/** `Row 3`, `Rows 3, 7 and 11`; `Rnd` in the round. */
export function writeLabel(numbers: readonly number[], round: boolean, side?: 'RS' | 'WS', colour?: RowColour): string {
	const word = round ? 'Rnd' : 'Row';
	const many = numbers.length > 1;
	const list = many ? `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}` : String(numbers[0]);
	const said = [side, colour].filter((s) => s !== undefined).join(', ');
	return `${word}${many ? 's' : ''} ${list}${said ? ` (${said})` : ''}:`;
}
