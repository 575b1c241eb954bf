/** What goes wrong over several rows: a crossing that was forgotten, or came too early or too late. Each is worked. */

import { asTwoGroups, type Crossing } from '../crossing/index.ts';
import { nameIn } from '../notation/index.ts';
import { checked, SWATCH_MISTAKE_TITLES, withMistake, type SwatchMistake } from '../swatch/index.ts';
import type { Worked } from '../worked/index.ts';
import type { Cause } from './cause.ts';

/** Purl stitches at each side, and crossings, of the piece on which it is tried. */
const BESIDE = 2;
const CROSSINGS = 4;

const HOW: readonly (readonly [SwatchMistake, string])[] = [
	['forgotten', 'A cable row was worked straight, so one twist is twice as long as the others.'],
	['late', 'Rows were counted wrong: it was crossed two rows late, so one twist is long and the next one short.'],
	['early', 'Rows were counted wrong: it was crossed two rows early, so one twist is short and the next one long.'],
];

/** A rope of this crossing in a few rows of plain knitting; undefined where it is not a rope all in knit. */
export function ropeOf(fabric: Crossing): Worked | undefined {
	const name = asTwoGroups(fabric) && fabric.work.every((w) => w === 'k') ? nameIn('slash', fabric, false) : undefined;
	if (name === undefined) return undefined;
	const every = fabric.n + (fabric.n % 2);
	const plain = `p${BESIDE}, k${fabric.n}, p${BESIDE}`;
	const crossed = Array.from({ length: CROSSINGS }, (_, k) => 3 + k * every);
	const last = crossed.at(-1)! + every;
	const rows = Array.from({ length: last }, (_, i) => i + 1).map((row) =>
		row % 2 === 0
			? `Row ${row}: k${BESIDE}, p${fabric.n}, k${BESIDE}`
			: `Row ${row}: ${crossed.includes(row) ? plain.replace(`k${fabric.n}`, name) : plain}`,
	);
	const text = { castOn: fabric.n + 2 * BESIDE, shape: 'flat', school: 'slash', text: rows.join('\n') } as const;
	return checked(text, '').worked;
}

/** Why a rope has twists of unequal length; none where it is no rope. */
export function unevenCauses(fabric: Crossing): readonly Cause[] {
	const right = ropeOf(fabric);
	if (!right) return [];
	const crossed = right.rows.flatMap((row, i) => (row.crossings.length > 0 ? [i] : []));
	return HOW.flatMap(([mistake, how]): Cause[] => {
		const done = withMistake(right, mistake, { row: crossed[1]!, crossing: 0 });
		if (!done.ok) return [];
		const { worked, mend, cost } = done.value;
		return [
			{
				title: SWATCH_MISTAKE_TITLES[mistake],
				how,
				rows: { meant: right, yours: worked },
				alsoShows: [],
				fix: mend.split(/(?<=\.) /),
				cost,
			},
		];
	});
}
