import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readGlossary, readRows } from '../../notation/index.ts';
import { type Worked, workRows } from '../../swatch/index.ts';
import { CELL, ChartLayout, drawChart, toSvg, wholeChart } from '../index.ts';

const work = (text: string, castOn: number): Worked =>
	workRows(readRows(text, { school: 'slash', glossary: readGlossary('') }), {
		castOn,
		shape: 'round',
		school: 'slash',
	});

/** Rows that grow and shrink by a stitch at each side. */
const shaped = work('k2, m1, k4, m1, k2\nk10\nk2tog, k6, ssk\nk2tog, k4, ssk\nk6', 8);

describe('cells of a chart', () => {
	it('are found again at the point where they lie, from either side and in either hand', () => {
		const places = shaped.rows.flatMap((r, row) => r.stitches.map((_, column) => ({ row, column })));
		fc.assert(
			fc.property(
				fc.constantFrom(...places),
				fc.boolean(),
				fc.double({ min: -0.49, max: 0.49, noNaN: true }),
				(cell, turned, off) => {
					const layout = new ChartLayout(shaped, turned);
					const x = layout.x(cell.row, cell.column) + off * CELL.width;
					const y = layout.top(cell.row) + (0.5 + off) * CELL.height;
					expect(layout.cellAt(x, y)).toEqual(cell);
				},
			),
		);
		const layout = new ChartLayout(shaped, false);
		expect(layout.cellAt(-3, 10)).toBeUndefined();
		expect(layout.cellAt(10, layout.height + 3)).toBeUndefined();
	});

	it('stand in the middle where a row has fewer stitches, and row 1 at the bottom', () => {
		const layout = new ChartLayout(shaped, false);
		expect([-1, 0, 1, 2, 3].map((i) => layout.inset(i))).toEqual([1, 0, 0, 1, 2]);
		expect(layout.bottom(0)).toBe(layout.height);
		expect(layout.x(0, 0)).toBeGreaterThan(layout.x(0, 1));
		expect(new ChartLayout(shaped, true).x(0, 0)).toBeLessThan(new ChartLayout(shaped, true).x(0, 1));
	});
});

describe('a drawn chart', () => {
	it('has all of its shapes within a window, in concrete colours and finite numbers', () => {
		const rope = work('2/2 LC, k4, 2/2 RC\nk12\nk4, 2/2 LC, k4\nk12\n2/2 LC, k4, 2/2 RC\nk12', 12);
		for (const side of ['RS', 'WS'] as const) {
			for (const light of ['day', 'dusk', 'print'] as const) {
				const { shapes } = drawChart(rope, { light, side, numbers: true, markers: true });
				const text = JSON.stringify(shapes);
				expect(text).not.toMatch(/NaN|null|Infinity|var\(|oklch|url\(/);
				expect(shapes.map((s) => s.depth)).toEqual(shapes.map((s) => s.depth).sort((a, b) => a - b));
			}
		}
		const part = { ...wholeChart(rope), firstRow: 2, lastRow: 3 };
		const whole = drawChart(rope, { light: 'day' });
		const some = drawChart(rope, { light: 'day', window: part });
		expect(some.crossPoints.length).toBeLessThanOrEqual(whole.crossPoints.length);
		expect(toSvg(some).length).toBeLessThan(toSvg(whole).length);
	});

	it('turns left to right from the other side, and the other strand is the upper one there', () => {
		const rope = work('2/2 LC', 4);
		const [front, back] = (['RS', 'WS'] as const).map((side) => drawChart(rope, { light: 'day', side }));
		const pairs = (points: typeof front): string[] => points!.crossPoints.map((p) => `${p.upper}>${p.lower}`).sort();
		expect(pairs(front)).toEqual(['1>3', '1>4', '2>3', '2>4']);
		expect(pairs(back)).toEqual(['3>1', '3>2', '4>1', '4>2']);
		const at = (points: typeof front, a: number, b: number): number =>
			points!.crossPoints.find((p) => Math.min(p.upper, p.lower) === a && Math.max(p.upper, p.lower) === b)!.x;
		expect(at(front, 1, 3) + at(back, 1, 3)).toBeCloseTo(front!.width, 6);
	});
});
