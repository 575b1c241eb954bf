/** Where the cells of a chart lie: row 1 at the bottom, the first stitch of a right-side row at the right. */

import type { Worked } from '../../swatch/index.ts';

export const CELL = { width: 24, height: 24 } as const;

/** Rows by place, columns from the right as seen on the right side; all inclusive. */
export interface ChartWindow {
	readonly firstRow: number;
	readonly lastRow: number;
	readonly firstColumn: number;
	readonly lastColumn: number;
}

export const wholeChart = (worked: Worked): ChartWindow => ({
	firstRow: 0,
	lastRow: Math.max(0, worked.rows.length - 1),
	firstColumn: 0,
	lastColumn: worked.widest - 1,
});

/**
 * Units of a chart: 24 by 24 a cell. A row with fewer stitches than the widest stands in the middle,
 * so that shaping on both sides keeps columns above each other.
 */
export class ChartLayout {
	readonly width: number;
	readonly height: number;
	readonly #worked: Worked;
	/** Seen from the wrong side, or left-handed: turned left to right. */
	readonly #turned: boolean;

	constructor(worked: Worked, turned: boolean) {
		this.#worked = worked;
		this.#turned = turned;
		this.width = worked.widest * CELL.width;
		this.height = Math.max(1, worked.rows.length) * CELL.height;
	}

	/** Stitches by which row `i` is moved in; `i` may be -1, the cast-on. */
	inset(i: number): number {
		const count = i < 0 ? this.#worked.castOn : this.#worked.rows[i]!.stitches.length;
		return (this.#worked.widest - count) / 2;
	}

	/** The middle of a cell. */
	x(i: number, column: number): number {
		const fromRight = (this.inset(i) + column + 0.5) * CELL.width;
		return this.#turned ? fromRight : this.width - fromRight;
	}

	/** The lower edge of a row. */
	bottom(i: number): number {
		return this.height - i * CELL.height;
	}
	top(i: number): number {
		return this.bottom(i) - CELL.height;
	}

	/** The cell at a point; `undefined` beside the chart. */
	cellAt(x: number, y: number): { readonly row: number; readonly column: number } | undefined {
		const row = Math.floor((this.height - y) / CELL.height);
		const fromRight = this.#turned ? x : this.width - x;
		if (row < 0 || row >= this.#worked.rows.length) return undefined;
		const column = Math.floor(fromRight / CELL.width - this.inset(row));
		return column < 0 || column >= this.#worked.rows[row]!.stitches.length ? undefined : { row, column };
	}
}
