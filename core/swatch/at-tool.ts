/** Rows of plain knitting as they are worked at a tool that stands before the worker: the same fabric, every row from its right side. */

import { craftOf, PLAIN_CRAFT, type CraftId } from '../craft/index.ts';
import { memoize } from '../memoize/index.ts';
import { nameIn } from '../notation/index.ts';
import type { Swatch } from '../schema/index.ts';
import { checked } from './checked.ts';
import { fold } from './fold.ts';
import { FROM_BEHIND } from './from-behind.ts';
import { unitsOf } from './units.ts';
import { timesMore, writeLabel, writeUnits } from './write.ts';
import type { WorkedCrossing, WorkedRow } from '../worked/index.ts';

/** Whether a swatch of this craft can be worked there: plain knitting can, and what is of the tool itself. */
export const isWorkedAt = ({ craft = PLAIN_CRAFT }: Pick<Swatch, 'craft'>, place: CraftId): boolean =>
	place === PLAIN_CRAFT ? craftOf(craft).isHanded : craft === PLAIN_CRAFT || craft === place;

/**
 * A swatch of plain knitting in the craft of a tool, which gives the same fabric: rows of the wrong side are written from
 * the right side, since a loom or a bed is not turned, and crossings go by names that everybody reads. A swatch of another
 * craft stays what it is. Linear in stitches.
 */
export const swatchAt = memoize(
	40,
	(swatch: Swatch, place: CraftId, glossary: string) => JSON.stringify([swatch, place, glossary]),
	(swatch, place, glossary): Swatch => {
		if (place === PLAIN_CRAFT || (swatch.craft ?? PLAIN_CRAFT) !== PLAIN_CRAFT) return swatch;
		const { worked } = checked(swatch, glossary);
		const rows = worked.rows.filter((row) => row.ok).map(fromRightSide);
		const text = textOf(rows, worked.shape === 'round');
		return { ...swatch, craft: place, text };
	},
);

function fromRightSide(row: WorkedRow): WorkedRow {
	const isBehind = row.side === 'WS';
	return {
		...row,
		side: 'RS',
		stitches: isBehind ? row.stitches.map((s) => ({ ...s, how: FROM_BEHIND[s.how] ?? s.how })) : row.stitches,
		crossings: row.crossings.map((c) => ({ ...c, asWorked: c.crossing, name: nameFor(c) })),
	};
}

/** The name of its school for what the right side shows, else its slash name. */
function nameFor({ by, crossing, name }: WorkedCrossing): string {
	const own = by === 'glossary' ? undefined : nameIn(by, crossing, false);
	return own ?? nameIn('slash', crossing, false) ?? name;
}

interface ToolLine {
	readonly body: string;
	readonly yarn?: 'A' | 'B';
	/** Rows one after another that are alike. */
	readonly rows: number;
}

function textOf(rows: readonly WorkedRow[], isRound: boolean): string {
	const lines: ToolLine[] = [];
	for (const row of rows) {
		const body = writeUnits(unitsOf(row));
		const last = lines.at(-1);
		if (last?.body === body && last.yarn === row.colour) lines[lines.length - 1] = { ...last, rows: last.rows + 1 };
		else lines.push({ body, rows: 1, ...(row.colour ? { yarn: row.colour } : {}) });
	}
	const word = isRound ? 'rnds' : 'rows';
	const out: string[] = [];
	let done = 0;
	for (const { body, times } of fold(lines, (line) => JSON.stringify(line))) {
		const first = done + 1;
		for (const { body: does, rows: many, yarn } of body) {
			const label = writeLabel([done + 1], isRound, undefined, yarn);
			out.push(`${many === 1 ? label : label.replace(/^(Row|Rnd) (\d+)/, `$1s $2-${done + many}`)} ${does}`);
			done += many;
		}
		if (times === 1) continue;
		const length = done + 1 - first;
		out.push(`rep ${word} ${first}-${done} ${timesMore(times - 1)}`);
		done += length * (times - 1);
	}
	return out.join('\n');
}
