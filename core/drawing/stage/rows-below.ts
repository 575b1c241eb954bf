/** The fabric under the live loops: knit columns in their cords, purl ground, a cast-on edge over water. */

import type { RowsBelow } from '../../handling/index.ts';
import { num, type Shape } from '../shapes.ts';
import { paintStrand, type StrandStyle } from '../strand.ts';
import { DEPTH } from './depths.ts';
import { FABRIC_TOP, ROW_PITCH, ROWS } from './layout.ts';

/** Rows that a long stitch reaches down over. */
const LONG_ROWS = 3;

export interface Column {
	readonly x: number;
	readonly style: StrandStyle;
	readonly kind?: RowsBelow;
	/** What it shows on the right side; ground is purl and the rest knit when left out. */
	readonly face?: 'k' | 'p';
	/** Its loop ran down: rungs instead of its upper stitches. */
	readonly ladder?: boolean;
}

/** Rows that a lost loop has run down in the picture. */
const LADDER_ROWS = 3;

/** One knit stitch: two slanting halves that meet at its foot. */
export function paintKnit(
	x: number,
	y: number,
	step: number,
	style: StrandStyle,
	depth: number,
	height = ROW_PITCH,
): Shape[] {
	const spread = step * 0.27;
	const foot = step * 0.09;
	const half = (dir: 1 | -1): Shape[] =>
		paintStrand(style, {
			d: `M${num(x + dir * spread)} ${num(y)}C${num(x + dir * spread)} ${num(y + height * 0.5)} ${num(x + dir * foot)} ${num(y + height * 0.6)} ${num(x + dir * foot)} ${num(y + height * 1.02)}`,
			width: step * 0.235,
			depth: depth + (dir === 1 ? 0.004 : 0),
			role: 'fabric',
			cap: 'round',
		});
	return [...half(-1), ...half(1)];
}

/** A knit stitch whose two halves change sides at its foot. */
function paintTwisted(x: number, y: number, step: number, style: StrandStyle, depth: number): Shape[] {
	const arm = (dir: 1 | -1): Shape[] =>
		paintStrand(style, {
			d: `M${num(x + dir * step * 0.27)} ${num(y)}C${num(x + dir * step * 0.27)} ${num(y + ROW_PITCH * 0.45)} ${num(x - dir * step * 0.15)} ${num(y + ROW_PITCH * 0.5)} ${num(x - dir * step * 0.15)} ${num(y + ROW_PITCH * 1.02)}`,
			width: step * 0.21,
			depth: depth + (dir === 1 ? 0.004 : 0),
			role: 'fabric',
			cap: 'round',
		});
	return [...arm(-1), ...arm(1)];
}

/** A stitch with its yarn-over: the strand beside it leans the same way and lies a little behind. */
function paintUnit(x: number, y: number, step: number, style: StrandStyle, depth: number): Shape[] {
	const wide = (dir: 1 | -1): Shape[] =>
		paintStrand(
			{ ...style, texture: 'plain' },
			{
				d: `M${num(x + dir * step * 0.43)} ${num(y + 2)}C${num(x + dir * step * 0.43)} ${num(y + ROW_PITCH * 0.5)} ${num(x + dir * step * 0.2)} ${num(y + ROW_PITCH * 0.7)} ${num(x + dir * step * 0.14)} ${num(y + ROW_PITCH * 1.1)}`,
				width: step * 0.11,
				depth: depth - 0.005,
				role: 'fabric',
				cap: 'round',
			},
		);
	return [...wide(-1), ...wide(1), ...paintKnit(x, y, step, style, depth)];
}

/** One purl stitch: the bump that lies across. */
export function paintPurl(x: number, y: number, step: number, style: StrandStyle, depth: number): Shape[] {
	const w = step * 0.46;
	const h = ROW_PITCH * 0.3;
	return paintStrand(style, {
		d: `M${num(x - w)} ${num(y + h)}C${num(x - w * 0.45)} ${num(y + h)} ${num(x - w * 0.5)} ${num(y - h)} ${num(x)} ${num(y - h)}S${num(x + w * 0.45)} ${num(y + h)} ${num(x + w)} ${num(y + h)}`,
		width: step * 0.2,
		depth,
		role: 'fabric',
		cap: 'round',
	});
}

/** What is left of a stitch that ran: the yarn straight across. */
function paintRung(x: number, y: number, step: number, style: StrandStyle, depth: number): Shape[] {
	return paintStrand(
		{ ...style, texture: 'plain' },
		{
			d: `M${num(x - step * 0.5)} ${num(y)}Q${num(x)} ${num(y + 5)} ${num(x + step * 0.5)} ${num(y)}`,
			width: step * 0.13,
			depth,
			role: 'rung',
			cap: 'round',
		},
	);
}

/** Rows from the cast-on edge up to the live loops. Ground columns are purl, and from behind it is the other way. */
export function paintFabric(columns: readonly Column[], step: number, behind = false): Shape[] {
	const shapes: Shape[] = [];
	for (let row = ROWS - 1; row >= 0; row--) {
		const y = FABRIC_TOP + row * ROW_PITCH;
		for (const [i, { x, style, ladder, face, kind = 'plain' }] of columns.entries()) {
			const purl = face ? face === 'p' : style.texture === 'ground';
			const depth = DEPTH.fabric + (ROWS - row) + i * 0.01;
			if (ladder && row < LADDER_ROWS) {
				shapes.push(...paintRung(x, y + 12, step, style, depth));
				continue;
			}
			if (purl !== behind) shapes.push(...paintPurl(x, y + 14, step, style, depth));
			else if (kind === 'twisted') shapes.push(...paintTwisted(x, y, step, style, depth));
			else if (kind === 'unit') shapes.push(...paintUnit(x, y, step, style, depth));
			else if (kind === 'long' && row < LONG_ROWS) {
				// One stitch over all of its rows, before what passes behind it.
				if (row === 0) shapes.push(...paintKnit(x, y, step, style, depth + 0.3, ROW_PITCH * LONG_ROWS));
			} else shapes.push(...paintKnit(x, y, step, style, depth));
		}
	}
	const edgeY = FABRIC_TOP + ROWS * ROW_PITCH + 5;
	for (const [i, { x, style }] of columns.entries()) {
		for (const half of [-0.25, 0.25]) {
			shapes.push(
				...paintStrand(
					{ ...style, texture: 'plain' },
					{
						d: `M${num(x + half * step - step * 0.15)} ${num(edgeY + 3)}L${num(x + half * step + step * 0.15)} ${num(edgeY - 3)}`,
						width: step * 0.18,
						depth: DEPTH.fabric + i * 0.01,
						role: 'fabric',
						cap: 'round',
					},
				),
			);
		}
	}
	return shapes;
}
