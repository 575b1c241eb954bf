/** A loom or a bed from above: what hangs inside, outside or on the worker's side of it. The worker sits at the lower edge. */

import type { Crossing, StitchNumber } from '../../crossing/index.ts';
import { stateAt, type BedState, type BedTrace, type LoomState, type LoomTrace } from '../../handling/index.ts';
import { mirrored } from '../mirrored.ts';
import { PALETTES, type Palette } from '../palette.ts';
import { byDepth, num, type Drawing, type Shape } from '../shapes.ts';
import { paintSitting, paintPlane } from '../stage/above.ts';
import { HEIGHT, WIDTH } from '../stage/layout.ts';
import type { StageOptions } from '../stage/options.ts';
import { cordStyles, type StrandStyle } from '../strand.ts';
import { frameBetween, layoutBed, layoutLoom, type FrameLayout } from './layout.ts';

type AboveState = LoomState | BedState;

const MIDDLE = 270;
const PLANE = 84;

const LOOM_ROWS: readonly (readonly [plane: number, says: string])[] = [
	[-2, 'across the gap'],
	[-1, 'inside'],
	[0, 'pegs'],
	[1, 'outside'],
];
const BED_ROWS: readonly (readonly [plane: number, says: string])[] = [
	[0, 'needles of the bed'],
	[1, 'transfer tools'],
];

export function frameAbove(c: Crossing, trace: LoomTrace | BedTrace, step: number, options: StageOptions): Drawing {
	const { light, textScale = 1 } = options;
	const palette = PALETTES[light];
	const whole = Math.floor(step);
	const [from, to] = [stateAt<AboveState>(trace, whole), stateAt<AboveState>(trace, whole + 1)];
	const way = step - whole;
	const eased = way * way * (3 - 2 * way);
	const state = way < 0.5 ? from : to;
	const layoutOf = (s: AboveState): FrameLayout => (s.tool === 'loom' ? layoutLoom(s) : layoutBed(s));
	const layout = way === 0 ? layoutOf(from) : frameBetween(layoutOf(from), layoutOf(to), way);
	// Planes are those of the knit side, which at a bed looks away from the worker.
	const towards = trace.tool === 'loom' ? 1 : -1;
	const plane = (s: AboveState, stitch: StitchNumber): number => s.loops.find((l) => l.stitch === stitch)?.plane ?? 0;
	const yOf = (stitch: StitchNumber): number =>
		MIDDLE + towards * PLANE * (plane(from, stitch) + (plane(to, stitch) - plane(from, stitch)) * eased);
	const cords = cordStyles(c, palette, options.cords);
	const ground: StrandStyle = { colours: palette.ground, texture: 'ground' };
	const rows = trace.tool === 'loom' ? LOOM_ROWS : BED_ROWS;
	const shapes: Shape[] = [
		{ kind: 'path', role: 'water', depth: 0, d: `M0 0H${WIDTH}V${HEIGHT}H0Z`, fill: palette.water[0] },
		...rows.flatMap(([at, says]) => paintPlane(MIDDLE + at * PLANE, says, palette, textScale)),
		...paintPosts(layout, state, palette),
		...layout.heads.flatMap((h) => {
			const y = h.stitch === undefined ? MIDDLE : yOf(h.stitch);
			const style = h.stitch === undefined ? ground : (cords.get(h.stitch) ?? ground);
			return paintRing(h.x, y, layout, style, h.stitch, palette, options.names);
		}),
		paintSitting(palette, textScale),
	];
	const drawing: Drawing = {
		width: WIDTH,
		height: HEIGHT,
		shapes: byDepth(shapes),
		label: `From above: ${rows.map(([, says]) => says).join(', ')}.`,
		crossPoints: [],
	};
	return trace.tool === 'bed' ? mirrored(drawing) : drawing;
}

/** Pegs from above are round; needles lie along the worker's sight, further out when they are forward. */
function paintPosts({ slots, step }: FrameLayout, state: AboveState, palette: Palette): Shape[] {
	const colours = state.tool === 'loom' ? palette.needle : palette.metal;
	return slots.map((x, i): Shape => {
		if (state.tool === 'loom') {
			return {
				kind: 'circle',
				role: 'peg',
				depth: 10,
				cx: x,
				cy: MIDDLE,
				r: step * 0.17,
				fill: colours.body,
				stroke: colours.edge,
				width: 1.5,
			};
		}
		const out = state.needles[i - 1] === 'forward' ? 40 : 22;
		return {
			kind: 'path',
			role: 'needle',
			depth: 10,
			d: `M${num(x)} ${MIDDLE - 70}V${MIDDLE + out}`,
			stroke: colours.dark,
			width: Math.min(7, step * 0.14),
			cap: 'round',
		};
	});
}

function paintRing(
	x: number,
	y: number,
	{ step, strand }: FrameLayout,
	{ colours }: StrandStyle,
	stitch: StitchNumber | undefined,
	palette: Palette,
	names?: readonly string[],
): Shape[] {
	const r = step * 0.34;
	const own = stitch === undefined ? {} : { stitch };
	const ring = (stroke: string, width: number, depth: number): Shape => ({
		kind: 'circle',
		role: 'loop',
		depth,
		cx: x,
		cy: y,
		r,
		fill: 'none',
		stroke,
		width,
		...own,
	});
	const rings = [ring(colours.edge, strand * 0.8 + 3, 20), ring(colours.body, strand * 0.8, 20.1)];
	if (stitch === undefined) return rings;
	return [
		...rings,
		{
			kind: 'text',
			role: 'tag',
			depth: 30,
			x,
			y: y - r - strand * 0.8,
			text: names?.[stitch - 1] ?? String(stitch),
			size: Math.min(18, step * 0.36),
			fill: palette.ink,
			anchor: 'middle',
			face: 'sans',
			halo: palette.water[0],
			...own,
		},
	];
}
