/** As much of a chart as a glance needs: from a few rows before the first crossing. */

import { drawChartPart, type Drawing, type Light } from '@pond-loop/core/drawing';
import type { Worked } from '@pond-loop/core/swatch';

const ROWS = 14;

const known = new WeakMap<Worked, Map<Light, Drawing>>();

/** Nothing where no row could be worked. */
export function glanceAt(worked: Worked, light: Light): Drawing | undefined {
	if (worked.rows.length === 0) return undefined;
	const drawn = known.get(worked) ?? new Map<Light, Drawing>();
	known.set(worked, drawn);
	const before = drawn.get(light);
	if (before) return before;
	const firstRow = Math.max(0, worked.rows.findIndex((r) => r.crossings.length > 0) - 3);
	const part = { ...worked, rows: worked.rows.slice(0, firstRow + ROWS), repeats: [] };
	const drawing = drawChartPart(part, { firstRow, lastRow: part.rows.length - 1 }, { light });
	drawn.set(light, drawing);
	return drawing;
}
