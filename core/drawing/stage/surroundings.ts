/** What every stage stands in: mist over water, and a word for the side that is seen. */

import { blend, type Palette } from '../palette.ts';
import { num, type Shape } from '../shapes.ts';
import { DEPTH } from './depths.ts';
import { HEIGHT, WIDTH } from './layout.ts';

/** Where the mist begins to turn into water, and in how many bands. */
const MIST = 130;
const BANDS = 36;
/** Of the way from mist to the ground, where it is as deep as the middle of its three colours. */
const MIDDLE = 0.6;

/** Where each of the palette's colours of water stands, as parts of the picture's height: for what goes on beside it. */
export const WATER_STOPS = [MIST / HEIGHT, (MIST + MIDDLE * (HEIGHT - MIST)) / HEIGHT, 1] as const;

export function paintWater(palette: Palette): Shape[] {
	const [sky, mid, deep] = palette.water;
	const band = (y: number, fill: string, depth: number): Shape => ({
		kind: 'path',
		role: 'water',
		depth: DEPTH.water + depth,
		d: `M0 ${num(y)}H${WIDTH}V${HEIGHT}H0Z`,
		fill,
	});
	// Thin bands instead of a gradient: they come out the same everywhere.
	const steps = Array.from({ length: BANDS }, (_, i) => i / BANDS);
	const bands =
		sky === deep
			? []
			: steps.map((t) =>
					band(
						MIST + t * (HEIGHT - MIST),
						t < MIDDLE ? blend(sky, mid, t / MIDDLE) : blend(mid, deep, (t - MIDDLE) / (1 - MIDDLE)),
						t / 2,
					),
				);
	const ripple = (cy: number, rx: number, ry: number, opacity: number): Shape => ({
		kind: 'path',
		role: 'water',
		depth: DEPTH.water + 0.5,
		d: `M${WIDTH / 2 - rx} ${cy}A${rx} ${ry} 0 0 0 ${WIDTH / 2 + rx} ${cy}A${rx} ${ry} 0 0 0 ${WIDTH / 2 - rx} ${cy}Z`,
		stroke: palette.ripple,
		width: 1.4,
		opacity,
	});
	return [band(0, sky, 0), ...bands, ripple(462, 210, 10, 0.8), ripple(466, 310, 18, 0.55), ripple(470, 430, 27, 0.4)];
}

/** Which side of the fabric is seen, in the corner where nothing else stands. */
export function paintSide(side: string | undefined, palette: Palette, textScale: number): Shape[] {
	if (side === undefined) return [];
	const note: Shape = {
		kind: 'text',
		role: 'side',
		depth: DEPTH.words,
		x: 28,
		y: HEIGHT - 18,
		text: `${side} towards you`,
		size: 15 * textScale,
		fill: palette.ink,
		anchor: 'start',
		face: 'sans',
		halo: palette.water[2],
	};
	return [note];
}
