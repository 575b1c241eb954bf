/** A small swatch about one crossing: ground on either side, the cord set up, the crossing, and rows after it. */

import type { Crossing } from '../crossing/index.ts';
import { stitch, type Unit } from './units.ts';
import { writeUnits } from './write.ts';

/** Purl stitches on either side. */
const GROUND = 4;
/** The whole is worked so often, where the cord comes back to where it began. */
const TIMES = 3;

const face = (work: string): Unit => stitch(work.startsWith('p') ? 'p' : 'k');
const ground = Array.from({ length: GROUND }, () => stitch('p'));

/**
 * Rows with `name` in them for the crossing, worked flat: about as many rows as it has stitches, which is
 * the rule of thumb. They come again where its stitches look after it as they did before.
 */
export function aroundCrossing(name: string, crossing: Crossing): { readonly castOn: number; readonly text: string } {
	const { n, order, work } = crossing;
	// A stitch that will be purled stands as purl before, so that no cord begins in the crossing.
	const before = work.map(face);
	const after = order.map((s) => face(work[s - 1]!));
	const rows = Math.max(4, n + (n % 2));
	const row = (units: readonly Unit[]): string => writeUnits([...ground, ...units, ...ground]);
	const lines = [
		'Row 2 and all WS rows: knit the knits and purl the purls',
		`Row 1: ${row(before)}`,
		`Row 3: ${row([{ kind: 'crossing', name, crossing }])}`,
		...Array.from({ length: (rows - 4) / 2 }, (_, i) => `Row ${5 + 2 * i}: ${row(after)}`),
	];
	const isSame = before.every((unit, i) => unit.kind === 'stitch' && unit.how === (after[i] as typeof unit).how);
	return {
		castOn: n + 2 * GROUND,
		text: [...lines, isSame ? `rep rows 1-${rows} ${TIMES - 1} times more` : `Row ${rows + 1}: ${row(after)}`].join(
			'\n',
		),
	};
}
