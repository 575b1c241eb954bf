/**
 * A swatch as it will lie: every stitch drawn through the one below it, at the places that a relaxation gave; what
 * passes in front lies over. Seen on the right side stitch 1 is at the right; from behind it is at the left, and knit
 * is purl.
 */

import type { LiesAcross } from '../../fabric/index.ts';
import { CM_PER_INCH, type LengthUnit } from '../../measure/index.ts';
import type { Cords, CrossingStrain, Worked, WorkedRow, WorkedStitch } from '../../swatch/index.ts';
import { isSlipped } from '../../worked/index.ts';
import { mirrored } from '../mirrored.ts';
import { blend, PALETTES, type Light, type Palette } from '../palette.ts';
import { byDepth, num, type Drawing, type Shape } from '../shapes.ts';
import { paintStrand, TEXTURES, type StrandStyle } from '../strand.ts';
import { LEGEND, strainLegend, strainMark } from './strain-marks.ts';

export interface LieOptions {
	readonly light: Light;
	readonly side: 'RS' | 'WS';
	/** Width of a stitch and height of a row, in centimetres. */
	readonly cell: { readonly w: number; readonly h: number };
	/** Rows of the fabric, the cast-on first: from this one, before that one. */
	readonly rows?: readonly [first: number, end: number];
	/** The unit of the ruler. */
	readonly unit: LengthUnit;
	readonly label: string;
	/** How far crossings are pulled, to be marked on them, with a legend under the ruler. */
	readonly strains?: readonly CrossingStrain[];
	/** Turned left to right, as for other hands. */
	readonly mirrored?: boolean;
}

/** Drawing units for a stitch. */
export const LIE_STITCH = 18;
const MARGIN = 26;
const RULER = 34;

/** The background in the second of two yarns, tinted as in a chart. */
function groundTwo({ ground, ripple }: Palette): StrandStyle['colours'] {
	const { body, edge, mark } = ground;
	return { body: blend(body, ripple, 0.55), edge: blend(edge, ripple, 0.3), mark: blend(mark, ripple, 0.55) };
}

/** The row and the stitch out of which a loop was drawn: further down for one that was slipped since. */
function startOf(rows: readonly WorkedRow[], r: number, c: number, first: number): { row: number; from: number } {
	let [row, from] = [r, c];
	for (;;) {
		const stitch: WorkedStitch = rows[row - 1]!.stitches[from]!;
		row -= 1;
		from = stitch.from;
		if (!isSlipped(stitch) || from < 0 || row <= first) return { row, from };
	}
}

const style = (cord: number, { cords }: Cords, palette: Palette, isTwo: boolean): StrandStyle => {
	if (cord < 0) return { colours: isTwo ? groundTwo(palette) : palette.ground, texture: 'ground' };
	const { colour } = cords[cord]!;
	return { colours: palette.cords[colour], texture: TEXTURES[colour] };
};

/** How far each stitch of a row lies before the others: what passes over more of them lies nearer. */
function nearness(row: WorkedRow): Float64Array {
	const near = new Float64Array(row.stitches.length);
	for (const { at, crossing } of row.crossings) {
		const place = new Map(crossing.order.map((s, k) => [s, at + k]));
		for (const [k, s] of crossing.order.entries()) if (s !== k + 1) near[at + k] = 0.3;
		for (const [upper, lower] of crossing.over) {
			near[place.get(upper)!]! += 0.4 / crossing.n;
			near[place.get(lower)!]! -= 0.1 / crossing.n;
		}
	}
	return near;
}

/** Linear in the stitches drawn. */
export function drawLie(worked: Worked, cords: Cords, lies: LiesAcross, options: LieOptions): Drawing {
	const { cell, light, side } = options;
	const palette = PALETTES[light];
	const rows = worked.rows.filter((r) => r.ok);
	const [first, end] = options.rows ?? [0, lies.x.length];
	const step = LIE_STITCH;
	const rise = (LIE_STITCH * cell.h) / cell.w;
	const shown = lies.x.slice(first, end);
	const right = Math.min(0, ...shown.map((row) => row[0] ?? 0));
	const left = Math.max(0, ...shown.map((row) => row.at(-1) ?? 0));
	const width = (left - right + 1) * step + 2 * MARGIN;
	const pulled = (options.strains ?? []).filter(
		(s) => s.verdict !== 'easy' && s.row >= Math.max(1, first) && s.row < end,
	);
	const bottom = (end - first) * rise + 2 * MARGIN + RULER;
	const height = bottom + (pulled.length > 0 ? LEGEND : 0);
	const px = (x: number): number => width - MARGIN - (x - right + 0.5) * step;
	const py = (r: number): number => bottom - RULER - MARGIN - (r - first + 0.5) * rise;
	const cordAt = (r: number, c: number): number => cords.cordOf[cords.strands[r]![c]!]!;
	const shapes: Shape[] = [];
	// The place of a row among all that were told, those that could not be worked included.
	const toldAt = worked.rows.flatMap((r, i) => (r.ok ? [i + 1] : []));
	const behind = side === 'WS';
	for (let r = Math.max(1, first); r < end; r++) {
		const row = rows[r - 1]!;
		const here = lies.x[r]!;
		const near = nearness(row);
		// Stitches of a row that look alike and lie alike are one shape: a large piece has thousands.
		const next = rows[r];
		const carried = new Set(next?.stitches.filter(isSlipped).map((s) => s.from));
		const alike = new Map<string, { look: StrandStyle; depth: number; width: number; d: string }>();
		for (const [c, stitch] of row.stitches.entries()) {
			// A stitch that is slipped in the next row is drawn there, as long as it is then.
			if (carried.has(c) && r + 1 < end) continue;
			const cord = cordAt(toldAt[r - 1]!, c);
			const x = px(here[c]!);
			const start = startOf(rows, r, c, first);
			const foot = start.from < 0 ? x : px(lies.x[start.row]![start.from]!);
			const isLong = start.row < r - 1;
			const slants = Math.abs(foot - x) > step * 0.5;
			const isKnit = (stitch.face === 'k') !== behind;
			const isDrawn = isKnit || slants || isLong;
			const isTwo = stitch.colour === 'B';
			const key = `${cord} ${near[c]} ${isKnit} ${isDrawn} ${isTwo} ${isLong}`;
			const look = style(cord, cords, palette, isTwo);
			const one = alike.get(key) ?? {
				look: isDrawn && !isKnit ? { ...look, texture: 'plain' as const } : look,
				depth:
					1 +
					(r - first) +
					(isLong ? (behind ? -0.2 : 0.2) : 0) +
					(behind ? -near[c]! : near[c]!) +
					(isDrawn ? 0 : 0.01),
				width: step * (isDrawn ? 0.25 : 0.2),
				d: '',
			};
			one.d += isDrawn ? slanted(x, py(r), foot, py(start.row), step) : bump((x + foot) / 2, py(r - 0.5), step, rise);
			alike.set(key, one);
		}
		for (const { look, depth, width, d } of alike.values()) {
			shapes.push(...paintStrand(look, { d, width, depth, role: 'fabric', cap: 'round' }));
		}
	}
	shapes.push(...castOnEdge(lies.x[first]!, px, py(first), step, palette));
	for (const { row, at, n, verdict } of pulled) {
		const across = lies.x[row]!.slice(at, at + n);
		const middle = across.reduce((sum, x) => sum + x, 0) / Math.max(1, across.length);
		shapes.push(...strainMark(verdict, px(middle), py(row - 0.5), step * 0.42, palette));
	}
	const flat: Drawing = { width, height, shapes: byDepth(shapes), label: options.label, crossPoints: [] };
	const turned = behind !== (options.mirrored ?? false) ? mirrored(flat) : flat;
	const legend = strainLegend(new Set(pulled.map((s) => s.verdict)), { x: MARGIN, y: bottom + 10, palette });
	return {
		...turned,
		shapes: [...turned.shapes, ...byDepth(legend), ...ruler(options, width, bottom, step, palette)],
	};
}

/** Two halves of one stitch, from where it was drawn through to where it stands. */
function slanted(x: number, top: number, foot: number, bottom: number, step: number): string {
	const height = bottom - top;
	return [-1, 1]
		.map((dir) => {
			const [a, b] = [x + dir * step * 0.26, foot + dir * step * 0.1];
			return `M${num(a)} ${num(top)}C${num(a)} ${num(top + height * 0.5)} ${num(b)} ${num(top + height * 0.5)} ${num(b)} ${num(bottom + height * 0.08)}`;
		})
		.join('');
}

/** The bump of a purl stitch. */
function bump(x: number, y: number, step: number, rise: number): string {
	const w = step * 0.48;
	const h = Math.min(rise, step) * 0.3;
	return `M${num(x - w)} ${num(y + h)}C${num(x - w * 0.45)} ${num(y + h)} ${num(x - w * 0.5)} ${num(y - h)} ${num(x)} ${num(y - h)}S${num(x + w * 0.45)} ${num(y + h)} ${num(x + w)} ${num(y + h)}`;
}

function castOnEdge(row: Float64Array, px: (x: number) => number, y: number, step: number, palette: Palette): Shape[] {
	return [...row].flatMap((at) =>
		paintStrand(
			{ colours: palette.ground, texture: 'plain' },
			{
				d: `M${num(px(at) - step * 0.42)} ${num(y + 3)}L${num(px(at) + step * 0.42)} ${num(y - 1)}`,
				width: step * 0.2,
				depth: 0.5,
				role: 'edge',
				cap: 'round',
			},
		),
	);
}

/** A ruler under the picture, from its left edge. */
function ruler({ cell, unit }: LieOptions, width: number, height: number, step: number, palette: Palette): Shape[] {
	const one = (step / cell.w) * (unit === 'cm' ? 1 : CM_PER_INCH);
	const room = width - 2 * MARGIN;
	const many = Math.floor(room / one);
	// No more numbers than there is room for.
	const each = [1, 2, 5, 10, 20, 50].find((n) => n * one >= 44) ?? 100;
	const y = height - RULER + 4;
	const line = (x1: number, y1: number, x2: number, y2: number): Shape => ({
		kind: 'path',
		role: 'ruler',
		depth: 1000,
		d: `M${num(x1)} ${num(y1)}L${num(x2)} ${num(y2)}`,
		stroke: palette.quiet,
		width: 1.4,
	});
	const ticks = Array.from({ length: many + 1 }, (_, i) => i);
	return [
		line(MARGIN, y, MARGIN + many * one, y),
		...ticks.map((i) => line(MARGIN + i * one, y, MARGIN + i * one, y + (i % each === 0 ? 8 : 4))),
		...ticks
			.filter((i) => i % each === 0)
			.map((i): Shape => ({
				kind: 'text',
				role: 'ruler',
				depth: 1001,
				x: MARGIN + i * one,
				y: y + 22,
				text: i === 0 ? `0 ${unit}` : String(i),
				size: 13,
				fill: palette.ink,
				anchor: 'middle',
				face: 'sans',
			})),
	];
}
