/** As much of a chart as a glance needs: from a few rows before the first crossing. */

import { memoize, numbered } from '../../memoize/index.ts';
import type { Worked } from '../../swatch/index.ts';
import type { Light } from '../palette.ts';
import type { Drawing } from '../shapes.ts';
import { drawChartPart } from './chart.ts';

const ROWS = 14;
const numberOf = numbered();

const drawn = memoize(
	120,
	(worked: Worked, light: Light) => `${numberOf(worked)} ${light}`,
	(worked, light): Drawing => {
		const firstRow = Math.max(0, worked.rows.findIndex((r) => r.crossings.length > 0) - 3);
		const part = { ...worked, rows: worked.rows.slice(0, firstRow + ROWS), repeats: [] };
		return drawChartPart(part, { firstRow, lastRow: part.rows.length - 1 }, { light });
	},
);

/** Nothing where no row could be worked. */
export const glanceAt = (worked: Worked, light: Light): Drawing | undefined =>
	worked.rows.length === 0 ? undefined : drawn(worked, light);
