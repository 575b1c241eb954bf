/** From units back to the text of a row. */

import type { RowColour } from '../notation/index.ts';
import type { Unit } from './units.ts';

const COUNTED = new Set(['k', 'p', 'sl', 'ktbl', 'ptbl', 'brk', 'brp']);

/** A run of one kind as it is written: `k3`, `k1 tbl`, `k2tog`. */
interface Word {
	readonly text: string;
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
		let many = 1;
		for (let next = units[i + many]; next?.kind === 'stitch' && next.how === unit.how; next = units[i + many])
			many += 1;
		const twisted = unit.how.endsWith('tbl');
		const base = twisted ? unit.how.slice(0, 1) : unit.how;
		if (COUNTED.has(unit.how)) out.push({ text: `${base}${many}${twisted ? ' tbl' : ''}` });
		else for (let k = 0; k < many; k++) out.push({ text: unit.how });
		i += many;
	}
	return out;
}

/** The longest stretch that is looked at as the body of a repeat, in words. */
const MOST_BODY = 12;

/**
 * Writes units as a person would: runs counted, what comes three times or more in a row in brackets.
 * Reading it back gives the same units.
 */
export function writeUnits(units: readonly Unit[]): string {
	const all = words(units);
	const out: string[] = [];
	for (let i = 0; i < all.length;) {
		const found = repeatAt(all, i);
		if (found) {
			const body = all
				.slice(i, i + found.length)
				.map((w) => w.text)
				.join(', ');
			out.push(`[${body}] ${found.times} times`);
			i += found.length * found.times;
		} else {
			out.push(all[i]!.text);
			i += 1;
		}
	}
	return out.join(', ');
}

/** The body that saves the most words when it is written once; none when nothing comes three times. */
function repeatAt(all: readonly Word[], i: number): { length: number; times: number } | undefined {
	let best: { length: number; times: number } | undefined;
	for (let length = 1; length <= MOST_BODY && i + 3 * length <= all.length; length++) {
		let times = 1;
		while (same(all, i, i + times * length, length)) times += 1;
		if (times >= 3 && (!best || length * times > best.length * best.times)) best = { length, times };
	}
	return best;
}

function same(all: readonly Word[], a: number, b: number, length: number): boolean {
	if (b + length > all.length) return false;
	for (let k = 0; k < length; k++) if (all[a + k]!.text !== all[b + k]!.text) return false;
	return true;
}

/** `Row 3`, `Rows 3, 7 and 11`; `Rnd` in the round. */
export function writeLabel(numbers: readonly number[], round: boolean, side?: 'RS' | 'WS', colour?: RowColour): string {
	const word = round ? 'Rnd' : 'Row';
	const many = numbers.length > 1;
	const list = many ? `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}` : String(numbers[0]);
	const said = [side, colour].filter((s) => s !== undefined).join(', ');
	return `${word}${many ? 's' : ''} ${list}${said ? ` (${said})` : ''}:`;
}
