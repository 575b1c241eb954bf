import { describe, expect, it } from 'vitest';
import { centreLines, THICKNESS, type YarnRow } from '@pond-loop/core/drawing';
import { relax } from '@pond-loop/core/fabric';
import { newSwatch } from '@pond-loop/core/schema';
import { aroundCrossing, check, loopsThatLie, type Checked } from '@pond-loop/core/swatch';
import { readName } from '@pond-loop/core/notation';
import type { Vector3 } from 'three';
import { curveOf } from './curves';

const RISE = 0.72;
/** Points of the drawn curve from one point of the model to the next. */
const FINE = 4;

const worked = (text: string, castOn: number): Checked => {
	const checked = check(newSwatch({ title: 'In space', castOn, shape: 'flat', school: 'slash', text }), '');
	expect(checked.problems.filter((p) => p.weight === 'error')).toEqual([]);
	return checked;
};
const about = (name: string): Checked => {
	const read = readName(name, 'slash');
	if (!read.ok) throw new Error(name);
	const { castOn, text } = aroundCrossing(name, read.crossing);
	return worked(text, castOn);
};
const linesOf = ({ worked: w, cords }: Checked): readonly YarnRow[] =>
	centreLines(w, cords, relax(loopsThatLie(w, cords)), RISE);

interface At {
	readonly p: Vector3;
	readonly row: number;
	/** Yarn from the edge of its row. */
	readonly long: number;
}
const drawn = (row: YarnRow, r: number): At[] => {
	const curve = curveOf(row);
	const many = (row.points.length - 1) * FINE;
	let long = 0;
	let before: Vector3 | undefined;
	return Array.from({ length: many + 1 }, (_, i) => {
		const p = curve.getPoint(i / many);
		long += before?.distanceTo(p) ?? 0;
		before = p;
		return { p, row: r, long };
	});
};

/** The least distance between middles of yarn, of its thickness; what lies along one strand is not another. */
function nearest(rows: readonly YarnRow[]): number {
	const CELL = THICKNESS;
	const cells = new Map<string, At[]>();
	let least = Infinity;
	for (const at of rows.flatMap(drawn)) {
		const [a, b, c] = [at.p.x, at.p.y, at.p.z].map((n) => Math.floor(n / CELL)) as [number, number, number];
		for (let i = a - 1; i <= a + 1; i++)
			for (let j = b - 1; j <= b + 1; j++)
				for (let k = c - 1; k <= c + 1; k++)
					for (const other of cells.get(`${i} ${j} ${k}`) ?? []) {
						if (other.row === at.row && Math.abs(other.long - at.long) < THICKNESS * 2.5) continue;
						least = Math.min(least, at.p.distanceTo(other.p) / THICKNESS);
					}
		const key = `${a} ${b} ${c}`;
		cells.set(key, [...(cells.get(key) ?? []), at]);
	}
	return least;
}

/** Everywhere that two loops of a crossing pass each other as seen from the front: which of them is nearer. */
function meetings({ worked: w }: Checked, rows: readonly YarnRow[]): { told: number; kept: number } {
	let told = 0;
	let kept = 0;
	for (const [i, row] of w.rows.entries()) {
		for (const { at, crossing } of row.crossings) {
			const yarn = rows[i]!;
			const loopOf = (s: number): YarnRow['points'][] => {
				const c = row.stitches[at + crossing.order.indexOf(s)]!.from;
				const sides: YarnRow['points'][number][][] = [];
				for (const [k, p] of yarn.points.entries()) {
					if (yarn.stitch[k] !== c || yarn.along[k]! < 0.15 || yarn.along[k]! > 0.85) continue;
					if (yarn.stitch[k - 1] !== c || yarn.along[k - 1]! < 0.15 || yarn.along[k - 1]! > 0.85) sides.push([]);
					sides.at(-1)!.push(p);
				}
				return sides;
			};
			for (const [upper, lower] of crossing.over) {
				let met = 0;
				for (const a of loopOf(upper)) {
					for (const b of loopOf(lower)) {
						for (let m = 1; m < a.length; m++)
							for (let n = 1; n < b.length; n++) {
								const z = whereTheyMeet(a[m - 1]!, a[m]!, b[n - 1]!, b[n]!);
								if (!z) continue;
								told += 1;
								met += 1;
								if (z[0] > z[1]) kept += 1;
							}
					}
				}
				expect(met, `${row.number}: ${upper} over ${lower} is seen`).toBeGreaterThan(0);
			}
		}
	}
	return { told, kept };
}
type Point = YarnRow['points'][number];
function whereTheyMeet(a: Point, b: Point, c: Point, d: Point): readonly [number, number] | undefined {
	const cross = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
	if (cross === 0) return undefined;
	const s = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / cross;
	const t = ((c.x - a.x) * (b.y - a.y) - (c.y - a.y) * (b.x - a.x)) / cross;
	if (s < 0 || s > 1 || t < 0 || t > 1) return undefined;
	return [a.z + (b.z - a.z) * s, c.z + (d.z - c.z) * t];
}

const NAMES = [
	'1/1 RC',
	'1/1 LPC',
	'2/1 RPC',
	'2/2 LC',
	'1/3 RC',
	'3/3 RC',
	'4/4 LC',
	'5/2 LC',
	'6/6 RC',
	'2/1/2 LC',
	'3/3/3 RC',
];
const SWATCHES = {
	ribs: ['Rows 1-8: *k2, p2; rep from *', 16],
	honeycomb: [
		'Row 1: p2, *2/2 RC, 2/2 LC; rep from * to last 2 sts, p2\nRow 2: k2, p16, k2\nRow 3: p2, k16, p2\nRow 4: k2, p16, k2\nRow 5: p2, *2/2 LC, 2/2 RC; rep from * to last 2 sts, p2\nRow 6: k2, p16, k2\nRow 7: p2, k16, p2',
		20,
	],
	plait: [
		'Row 1: p2, 3/3 RC, k3, p2\nRow 2: k2, p9, k2\nRow 3: p2, k9, p2\nRow 4: k2, p9, k2\nRow 5: p2, k3, 3/3 LC, p2\nRow 6: k2, p9, k2\nRow 7: p2, 3/3 RC, k3, p2',
		13,
	],
	together: ['Row 1: k2, k2tog, yo, k4\nRow 2: p\nRow 3: k1, 2/2 LC, k3\nRow 4: p\nRow 5: k', 8],
	'close rows': ['Row 1: 2/2 RC, 2/2 LC\nRow 2: p\nRow 3: 2/2 RC, 2/2 LC\nRow 4: p\nRow 5: k', 8],
} as const;
const all = [
	...NAMES.map((name) => [name, () => about(name)] as const),
	...Object.entries(SWATCHES).map(([name, [text, castOn]]) => [name, () => worked(text, castOn)] as const),
];

describe('yarn in space', () => {
	it.each(all)('of %s: what lies over is nearer, and no yarn runs through another', (_, make) => {
		const checked = make();
		const rows = linesOf(checked);
		const { told, kept } = meetings(checked, rows);
		expect(kept).toBe(told);
		expect(nearest(rows)).toBeGreaterThanOrEqual(0.6);
	});

	it('is one strand a row, as long as its points, and grows with its stitches alone', () => {
		const points = (n: number): number =>
			linesOf(worked(`Rows 1-4: k${n}`, n)).reduce((sum, row) => sum + row.points.length, 0);
		expect(points(40) - points(20)).toBe(points(60) - points(40));
		for (const { points: p, stitch, along } of linesOf(about('2/2 LC')))
			expect([stitch.length, along.length]).toEqual([p.length, p.length]);
	});
});
