/**
 * A chart draws cords, not codes: strands run up through their columns and pass over each other
 * where they cross, straight from `over`; the ground around them is told by texture.
 */

import { isOver, type Crossing } from '../../crossing/index.ts';
import { seenFrom, type Cords, type Worked, type WorkedCrossing, type WorkedRow } from '../../swatch/index.ts';
import { bowsOf } from '../bows.ts';
import { pathOf, shifted, upright } from '../curve.ts';
import { blend, PALETTES, type Light, type Palette } from '../palette.ts';
import { byDepth, num, type CrossPoint, type Drawing, type Shape, type TextShape } from '../shapes.ts';
import { paintStrand, type StrandStyle, TEXTURES } from '../strand.ts';
import { weave, type Strand, type Woven } from '../weave.ts';
import { CELL, ChartLayout, wholeChart, type ChartWindow } from './layout.ts';

export interface ChartOptions {
	readonly light: Light;
	/** The face that is seen; the right side when left out. */
	readonly side?: 'RS' | 'WS';
	/** Made left-handed, mirrored. */
	readonly mirrored?: boolean;
	/** Rows and columns that are drawn; all when left out. */
	readonly window?: ChartWindow;
	/** Row numbers at both sides. */
	readonly numbers?: boolean;
	/** Where a marker stands, as a line. */
	readonly markers?: boolean;
	/** Cells that get a ring: the row by place and the column from the right. */
	readonly marks?: readonly { readonly row: number; readonly column: number }[];
	/** Followed already, when the same swatch is drawn again and again. */
	readonly cords?: Cords;
}

const STRAND = CELL.width * 0.8;
const GUTTER = 34;
/** How far a crossing reaches into the rows around it, in rows. */
const REACH = 0.5;
const WIDE_REACH = 1;
/** From so many stitches on a crossing needs more height. */
const WIDE = 5;

/** Linear in the cells of the window, and in the crossings in it. */
export function drawChart(asked: Worked, options: ChartOptions): Drawing {
	const { worked, cords } = seenFrom(asked, options.side ?? 'RS', options.cords);
	const palette = PALETTES[options.light];
	const behind = options.side === 'WS';
	const layout = new ChartLayout(worked, behind !== (options.mirrored ?? false));
	const window = options.window ?? wholeChart(worked);
	const painter = new ChartPainter(worked, layout, cords, window, palette, behind);
	const shapes = worked.rows.length === 0 ? [] : painter.paint(options);
	const gutter = options.numbers ? GUTTER : 0;
	const drawing: Drawing = {
		width: layout.width + 2 * gutter,
		height: layout.height + 2,
		shapes: byDepth(gutter ? shapes.map((s) => moved(s, gutter)) : shapes),
		label: `Chart of ${worked.widest} stitches and ${worked.rows.length} rows, seen from the ${options.side ?? 'RS'}, with ${cords.cords.length} ${cords.cords.length === 1 ? 'strand' : 'strands'}.`,
		crossPoints: painter.crossPoints.map((p) => ({ ...p, x: p.x + gutter })),
	};
	return drawing;
}

const moved = (shape: Shape, x: number): Shape => {
	switch (shape.kind) {
		case 'path':
			return { ...shape, d: shiftPath(shape.d, x) };
		case 'circle':
			return { ...shape, cx: shape.cx + x };
		case 'text':
			return { ...shape, x: shape.x + x };
	}
};

/** Moves absolute path data sideways; the chart writes only M, L, H, V, C, Q and Z. */
const shiftPath = (d: string, by: number): string =>
	d.replaceAll(/([MLHVCQZ])([^MLHVCQZ]*)/g, (_, command: string, rest: string) => {
		if (command === 'V' || command === 'Z') return command + rest;
		const numbers = rest
			.trim()
			.split(/[\s,]+/)
			.map(Number);
		return command + numbers.map((n, i) => num(command === 'H' || i % 2 === 0 ? n + by : n)).join(' ');
	});

const styleFor = (palette: Palette, cords: Cords, cord: number): StrandStyle => {
	if (cord < 0) return { colours: palette.ground, texture: 'ground' };
	const { colour } = cords.cords[cord]!;
	return { colours: palette.cords[colour], texture: TEXTURES[colour] };
};

/** Cells that one part of a chart has at most, so that each is drawn soon. */
const PART_CELLS = 1200;

/** The rows of each part of a chart that is drawn in parts, from the top down; one part where it is small enough. */
export function chartParts({ rows, widest }: Worked): readonly Pick<ChartWindow, 'firstRow' | 'lastRow'>[] {
	const each = Math.max(2, Math.floor(PART_CELLS / Math.max(1, widest)));
	const parts: Pick<ChartWindow, 'firstRow' | 'lastRow'>[] = [];
	for (let firstRow = 0; firstRow < Math.max(1, rows.length); firstRow += each) {
		parts.push({ firstRow, lastRow: Math.max(0, Math.min(rows.length, firstRow + each) - 1) });
	}
	return parts.reverse();
}

/** Some rows of a chart as a picture of their own: laid under each other, such parts are the whole. */
export function drawChartPart(
	worked: Worked,
	{ firstRow, lastRow }: Pick<ChartWindow, 'firstRow' | 'lastRow'>,
	options: Omit<ChartOptions, 'window'>,
): Drawing {
	const layout = new ChartLayout(worked, false);
	// Crossings reach into the rows around them, so those are drawn too and cut off at the edge.
	const window = {
		...wholeChart(worked),
		firstRow: Math.max(0, firstRow - 2),
		lastRow: Math.min(worked.rows.length - 1, lastRow + 2),
	};
	const drawing = drawChart(worked, { ...options, window });
	const isLowest = firstRow === 0;
	const top = layout.top(lastRow);
	const height = layout.bottom(firstRow) - top + (isLowest ? 2 : 0);
	return { ...drawing, top, height, label: `Rows ${firstRow + 1} to ${lastRow + 1} of the chart.` };
}

class ChartPainter {
	readonly crossPoints: CrossPoint[] = [];
	readonly #worked: Worked;
	readonly #layout: ChartLayout;
	readonly #cords: Cords;
	readonly #window: ChartWindow;
	readonly #palette: Palette;
	readonly #behind: boolean;
	readonly #shapes: Shape[] = [];
	/** What crossings take of the height of cells around them, by row and column: [from below, from above]. */
	readonly #cut = new Map<number, [number, number]>();

	constructor(
		worked: Worked,
		layout: ChartLayout,
		cords: Cords,
		window: ChartWindow,
		palette: Palette,
		behind: boolean,
	) {
		this.#worked = worked;
		this.#layout = layout;
		this.#cords = cords;
		this.#window = window;
		this.#palette = palette;
		this.#behind = behind;
	}

	paint(options: ChartOptions): Shape[] {
		const { firstRow, lastRow } = this.#window;
		this.#paper();
		for (let i = Math.max(0, firstRow - 2); i <= Math.min(this.#worked.rows.length - 1, lastRow + 2); i++) {
			for (const crossing of this.#worked.rows[i]!.crossings) this.#crossing(i, crossing);
		}
		this.#strandsAndGround();
		this.#letters();
		if (options.markers) this.#markers();
		if (options.numbers) this.#numbers();
		for (const { row, column } of options.marks ?? []) {
			this.#shapes.push({
				kind: 'circle',
				role: 'mark',
				depth: 90,
				cx: this.#layout.x(row, column),
				cy: this.#layout.top(row) + CELL.height / 2,
				r: CELL.width * 0.46,
				fill: 'none',
				stroke: this.#palette.risk,
				width: 2.5,
				dash: [4, 3],
			});
		}
		return this.#shapes;
	}

	/** The cells: a paper that is lighter than the page, and thin lines. */
	#paper(): void {
		const { firstRow, lastRow, firstColumn, lastColumn } = this.#window;
		let cells = '';
		let second = '';
		let lines = '';
		for (let i = firstRow; i <= lastRow; i++) {
			const count = this.#worked.rows[i]!.stitches.length;
			const [a, b] = [Math.max(0, firstColumn), Math.min(count - 1, lastColumn)];
			if (b < a) continue;
			const [x1, x2] = [this.#layout.x(i, a), this.#layout.x(i, b)].sort((p, q) => p - q) as [number, number];
			const [left, right] = [x1 - CELL.width / 2, x2 + CELL.width / 2];
			const [top, bottom] = [this.#layout.top(i), this.#layout.bottom(i)];
			cells += `M${num(left)} ${num(top)}H${num(right)}V${num(bottom)}H${num(left)}Z`;
			for (let c = a; c <= b; c++) {
				if (this.#worked.rows[i]!.stitches[c]!.colour !== 'B') continue;
				const x = this.#layout.x(i, c) - CELL.width / 2;
				second += `M${num(x)} ${num(top)}H${num(x + CELL.width)}V${num(bottom)}H${num(x)}Z`;
			}
			lines += `M${num(left)} ${num(bottom)}H${num(right)}M${num(left)} ${num(top)}H${num(right)}`;
			for (let x = left; x <= right + 0.1; x += CELL.width) lines += `M${num(x)} ${num(top)}V${num(bottom)}`;
		}
		this.#shapes.push(
			{ kind: 'path', role: 'cell', depth: 0, d: cells, fill: this.#palette.cell },
			// The second of two yarns, where the text names them.
			...(second
				? [
						{
							kind: 'path',
							role: 'yarn-b',
							depth: 0.2,
							d: second,
							fill: blend(this.#palette.cell, this.#palette.ripple, 0.35),
						} as const,
					]
				: []),
			{ kind: 'path', role: 'grid', depth: 0.5, d: lines, stroke: this.#palette.gridline, width: 1 },
		);
	}

	#crossing(i: number, { at, crossing }: WorkedCrossing): void {
		const { firstColumn, lastColumn } = this.#window;
		if (at + crossing.n < firstColumn || at > lastColumn) return;
		const row = this.#worked.rows[i]!;
		const reach = this.#reach(i, at, crossing.n);
		const [bottom, top] = [
			this.#layout.bottom(i) + this.#extent(i - 1, reach),
			this.#layout.top(i) - this.#extent(i + 1, reach),
		];
		for (let k = 0; k < crossing.n; k++) {
			this.#cutAt(i, at + k, 1, 1);
			this.#cutAt(i - 1, row.stitches[at + k]!.from, 0, this.#extent(i - 1, reach) / CELL.height);
			this.#cutAt(i + 1, this.#columnAbove(i, at + k), this.#extent(i + 1, reach) / CELL.height, 0);
		}
		const [originX, originY] = [this.#layout.x(i, at), this.#layout.bottom(i)];
		const feet = crossing.order.map((_, place) => this.#layout.x(i - 1, row.stitches[at + place]!.from) - originX);
		const turned = this.#layout.x(i, 0) < this.#layout.x(i, 1) ? 1 : -1;
		const woven = wovenAt(crossing, {
			feet,
			bottom: bottom - originY,
			top: top - originY,
			turned,
			behind: this.#behind,
		});
		for (const p of woven.crossPoints) this.crossPoints.push({ ...p, x: p.x + originX, y: p.y + originY });
		for (const piece of woven.pieces) {
			const place = at + crossing.order.indexOf(piece.stitch);
			const style = this.#styleAt(i, place);
			const ground = style.texture === 'ground';
			const d = pathOf(shifted(piece.curve, originX, originY));
			const depth = 10 + piece.level;
			const width = ground ? STRAND * 0.5 : STRAND;
			if (piece.over) {
				const gap = { kind: 'path', role: 'gap', d, cap: 'butt' } as const;
				this.#shapes.push({ ...gap, depth, stroke: this.#palette.cell, width: width + 7 });
			}
			this.#shapes.push(...paintStrand(style, { d, width, depth: depth + 0.5, role: 'strand', stitch: piece.stitch }));
		}
	}

	/** More height for wide crossings, where the rows around leave it. */
	#reach(i: number, at: number, n: number): number {
		if (n < WIDE) return REACH;
		for (const near of [i - 2, i - 1, i + 1, i + 2]) {
			const row = this.#worked.rows[near];
			if (row?.crossings.some((c) => c.at < at + n && c.at + c.crossing.n > at)) return REACH;
		}
		return WIDE_REACH;
	}

	/** Nothing is drawn below the first row or above the last. */
	#extent(i: number, reach: number): number {
		return i >= 0 && i < this.#worked.rows.length ? reach * CELL.height : 0;
	}

	/** Where the stitch at this place goes in the next row; -1 when it does not. */
	#columnAbove(i: number, column: number): number {
		const next = this.#worked.rows[i + 1];
		if (!next) return -1;
		if (next.stitches[column]?.from === column) return column;
		return next.stitches.findIndex((s) => s.from === column);
	}

	#cutAt(i: number, column: number, below: number, above: number): void {
		if (column < 0) return;
		const key = i * 4096 + column;
		const [b, a] = this.#cut.get(key) ?? [0, 0];
		this.#cut.set(key, [Math.max(b, below), Math.max(a, above)]);
	}

	#styleAt(i: number, column: number): StrandStyle {
		const strand = this.#cords.strands[i + 1]![column]!;
		return styleFor(this.#palette, this.#cords, this.#cords.cordOf[strand]!);
	}

	/** Upright parts of all cords, one path for each cord colour, and the ground as two: bumps and smooth stitches. */
	#strandsAndGround(): void {
		const { firstRow, lastRow, firstColumn, lastColumn } = this.#window;
		const upright = ['', '', '', ''];
		const ground = { bump: '', smooth: '', twist: '' };
		// Straight stretches are drawn in one go, or their texture would begin anew in every cell.
		const open = new Map<number, { x: number; bottom: number; top: number; colour: number }>();
		const close = (column: number): void => {
			const run = open.get(column);
			if (run) upright[run.colour] += `M${num(run.x)} ${num(run.bottom + 0.5)}V${num(run.top - 0.5)}`;
			open.delete(column);
		};
		for (let i = firstRow; i <= lastRow; i++) {
			const row = this.#worked.rows[i]!;
			for (let c = Math.max(0, firstColumn); c <= Math.min(lastColumn, row.stitches.length - 1); c++) {
				const cord = this.#cords.cordOf[this.#cords.strands[i + 1]![c]!]!;
				if (row.stitches[c]!.twisted) ground.twist += this.#twist(i, c);
				if (cord < 0) {
					close(c);
					this.#ground(i, c, row, ground);
					continue;
				}
				const { colour } = this.#cords.cords[cord]!;
				const straight = this.#straight(i, c, row);
				const run = open.get(c);
				if (straight && run?.colour === colour && run.x === straight.x && Math.abs(run.top - straight.bottom) < 0.1) {
					run.top = straight.top;
					continue;
				}
				close(c);
				if (straight) open.set(c, { ...straight, colour });
				else upright[colour] += this.#bent(i, c, row);
			}
		}
		for (const column of [...open.keys()]) close(column);
		for (const [colour, d] of upright.entries()) {
			if (!d) continue;
			const style: StrandStyle = { colours: this.#palette.cords[colour as 0 | 1 | 2 | 3], texture: TEXTURES[colour]! };
			this.#shapes.push(...paintStrand(style, { d, width: STRAND, depth: 5, role: 'strand' }));
		}
		const line = { kind: 'path', role: 'ground', cap: 'round' } as const;
		const { bump, smooth, twist } = ground;
		if (bump) this.#shapes.push({ ...line, depth: 2, d: bump, stroke: this.#palette.groundMark, width: 3 });
		if (smooth)
			this.#shapes.push({ ...line, depth: 2, d: smooth, stroke: this.#palette.groundMark, width: 1.8, opacity: 0.75 });
		if (twist)
			this.#shapes.push({ ...line, role: 'twist', depth: 40, d: twist, stroke: this.#palette.ink, width: 1.8 });
	}

	/** What crossings leave of a cord's height in its cell. */
	#height(i: number, c: number): { bottom: number; top: number } {
		const [below, above] = this.#cut.get(i * 4096 + c) ?? [0, 0];
		const height = CELL.height;
		return { bottom: this.#layout.bottom(i) - below * height, top: this.#layout.top(i) + above * height };
	}

	/** A strand that comes straight up from the row before; `undefined` when it comes from aside, from two, or from none. */
	#straight(i: number, c: number, row: WorkedRow): { x: number; bottom: number; top: number } | undefined {
		const { from, also } = row.stitches[c]!;
		const x = this.#layout.x(i, c);
		const { bottom, top } = this.#height(i, c);
		if (bottom <= top || from < 0 || also || Math.abs(this.#layout.x(i - 1, from) - x) > 0.5) return undefined;
		return { x, bottom, top };
	}

	#bent(i: number, c: number, row: WorkedRow): string {
		const { bottom, top } = this.#height(i, c);
		if (bottom <= top) return '';
		const { from, also } = row.stitches[c]!;
		const x = this.#layout.x(i, c);
		const mid = (bottom + top) / 2;
		// Made from none, it begins in its own cell.
		if (from < 0) return `M${num(x)} ${num(mid + 4)}V${num(top)}`;
		return [from, ...(also ?? [])]
			.map(
				(f) =>
					`M${num(this.#layout.x(i - 1, f))} ${num(bottom)}C${num(this.#layout.x(i - 1, f))} ${num(mid)} ${num(x)} ${num(mid)} ${num(x)} ${num(top)}`,
			)
			.join('');
	}

	#ground(i: number, c: number, row: WorkedRow, into: { bump: string; smooth: string }): void {
		if ((this.#cut.get(i * 4096 + c)?.[0] ?? 0) >= 1) return;
		const { face, how } = row.stitches[c]!;
		const x = this.#layout.x(i, c);
		const y = (this.#layout.bottom(i) + this.#layout.top(i)) / 2;
		if (how === 'yo') {
			into.bump += ring(x, y, 6);
			return;
		}
		const lean = LEANS[how];
		if (lean !== undefined) {
			const dir = lean * (this.#layout.x(i, 0) > this.#layout.x(i, 1) ? 1 : -1);
			into.bump += `M${num(x - dir * 6)} ${num(y + 7)}L${num(x + dir * 6)} ${num(y - 7)}`;
			return;
		}
		if (how.startsWith('m1') || how === 'kfb' || how === 'pfb') into.smooth += `M${num(x)} ${num(y + 8)}V${num(y + 3)}`;
		if ((face === 'p') !== this.#behind) {
			into.bump += `M${num(x - 6)} ${num(y + 2.5)}C${num(x - 4)} ${num(y - 4)} ${num(x + 4)} ${num(y - 4)} ${num(x + 6)} ${num(y + 2.5)}`;
		} else if (how.startsWith('sl')) {
			// Long, as it is pulled up over the row; a knit stitch is an empty cell.
			into.smooth += `M${num(x - 4)} ${num(y - 11)}L${num(x)} ${num(y + 11)}L${num(x + 4)} ${num(y - 11)}`;
		}
	}

	#twist(i: number, c: number): string {
		const x = this.#layout.x(i, c);
		const y = this.#layout.bottom(i) - 6;
		return `M${num(x - 4)} ${num(y - 4)}L${num(x + 4)} ${num(y + 3)}M${num(x + 4)} ${num(y - 4)}L${num(x - 4)} ${num(y + 3)}`;
	}

	/** Each cord's letter where it comes into view. */
	#letters(): void {
		const { firstRow, lastRow, firstColumn, lastColumn } = this.#window;
		const seen = new Set<number>();
		for (let i = firstRow; i <= lastRow; i++) {
			const row = this.#worked.rows[i]!;
			for (let c = Math.max(0, firstColumn); c <= Math.min(lastColumn, row.stitches.length - 1); c++) {
				const cord = this.#cords.cordOf[this.#cords.strands[i + 1]![c]!]!;
				if (cord < 0 || seen.has(cord) || (this.#cut.get(i * 4096 + c)?.[0] ?? 0) > 0.4) continue;
				const { strands, letter } = this.#cords.cords[cord]!;
				const middle = c + (strands.length - 1) / 2;
				if (middle > lastColumn + 0.6) continue;
				seen.add(cord);
				this.#letter(letter, this.#layout.x(i, middle), this.#layout.bottom(i) - CELL.height / 2);
			}
		}
	}

	#letter(letter: string, x: number, y: number): void {
		this.#shapes.push(
			{ kind: 'circle', role: 'tag', depth: 60, cx: x, cy: y, r: 8.5, fill: this.#palette.paper },
			this.#text(letter, x, y + 4.5, 'middle', 13, 61, 'tag'),
		);
	}

	#text(
		text: string,
		x: number,
		y: number,
		anchor: TextShape['anchor'],
		size: number,
		depth: number,
		role: string,
	): Shape {
		return { kind: 'text', role, depth, x, y, text, size, fill: this.#palette.ink, anchor, face: 'sans' };
	}

	#markers(): void {
		let d = '';
		for (let i = this.#window.firstRow; i <= this.#window.lastRow; i++) {
			for (const m of this.#worked.rows[i]!.markers) {
				const x = (this.#layout.x(i, m - 1) + this.#layout.x(i, m)) / 2;
				d += `M${num(x)} ${num(this.#layout.bottom(i))}V${num(this.#layout.top(i))}`;
			}
		}
		if (d)
			this.#shapes.push({
				kind: 'path',
				role: 'marker',
				depth: 45,
				d,
				stroke: this.#palette.risk,
				width: 2.5,
				dash: [3, 3],
			});
	}

	#numbers(): void {
		for (let i = this.#window.firstRow; i <= this.#window.lastRow; i++) {
			const row = this.#worked.rows[i]!;
			const y = this.#layout.bottom(i) - CELL.height / 2 + 4.5;
			// Beside the stitch that the row begins with.
			const atFirst = (row.side === 'RS') === this.#layout.x(i, 0) > this.#layout.x(i, 1);
			const [x, anchor] = atFirst ? ([this.#layout.width + 6, 'start'] as const) : ([-6, 'end'] as const);
			this.#shapes.push(this.#text(String(row.number), x, y, anchor, 13, 70, 'number'));
		}
	}
}

interface CrossingShape {
	/** Where each strand comes from, by the place that it goes to. */
	readonly feet: readonly number[];
	readonly bottom: number;
	readonly top: number;
	readonly turned: 1 | -1;
	readonly behind: boolean;
}

/** Woven crossings by what they are and how they stand: a chart has the same few hundreds of times. */
const woven = new WeakMap<Crossing, Map<string, Woven>>();

/** A crossing around the foot of its first place. */
function wovenAt(c: Crossing, place: CrossingShape): Woven {
	const { feet, bottom, top, turned, behind } = place;
	const key = `${feet.map(num).join()} ${bottom} ${top} ${behind}`;
	const known = woven.get(c) ?? new Map<string, Woven>();
	woven.set(c, known);
	const before = known.get(key);
	if (before) return before;
	const bows = bowsOf(c);
	const strands = c.order.map((stitch, k): Strand => ({
		stitch,
		curve: upright(
			{ x: feet[k]!, y: bottom },
			{ x: turned * k * CELL.width, y: top },
			-turned * CELL.width * (bows.get(stitch) ?? 0) * 0.5,
		),
	}));
	const made = weave(strands, (a, b) => (isOver(c, a, b) ?? false) !== behind);
	known.set(key, made);
	return made;
}

const LEANS: Readonly<Record<string, 1 | -1>> = { k2tog: 1, p2tog: 1, k3tog: 1, p3tog: 1, ssk: -1, ssp: -1, sssk: -1 };

const ring = (x: number, y: number, r: number): string =>
	`M${num(x - r)} ${num(y)}C${num(x - r)} ${num(y - r * 1.3)} ${num(x + r)} ${num(y - r * 1.3)} ${num(x + r)} ${num(y)}C${num(x + r)} ${num(y + r * 1.3)} ${num(x - r)} ${num(y + r * 1.3)} ${num(x - r)} ${num(y)}`;
