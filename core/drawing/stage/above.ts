/** The stage from above: which plane everything hangs in, the worker at the lower edge. */

import { listNumbers, type Crossing, type StitchNumber } from '../../crossing/index.ts';
import { stateAt, type HandState, type HolderId, type Loop, type Trace } from '../../handling/index.ts';
import { mirrored } from '../mirrored.ts';
import { PALETTES, type Palette } from '../palette.ts';
import { byDepth, num, type Drawing, type Shape } from '../shapes.ts';
import { cordStyles, type StrandStyle } from '../strand.ts';
import { HEIGHT, layoutStage, WIDTH, type StageLayout } from './layout.ts';
import { layoutBetween } from './motion.ts';
import type { StageOptions } from './options.ts';

const NEEDLES_Y = 250;
/** One step of a plane towards the worker. */
const PLANE = 78;
const BAR = 11;

const planeY = (plane: number): number => NEEDLES_Y + plane * PLANE;

const ROWS: readonly (readonly [plane: number, says: string])[] = [
	[-2, 'outer back cable needle'],
	[-1, 'back cable needle'],
	[0, 'needles'],
	[1, 'front cable needle'],
	[2, 'outer front cable needle'],
];

/** The same state as `drawNeedles` shows at this step, from above. */
export function needlesAbove(c: Crossing, trace: Trace, step: number, options: StageOptions): Drawing {
	const palette = PALETTES[options.light];
	const textScale = options.textScale ?? 1;
	const whole = Math.floor(step);
	const [from, to] = [stateAt(trace, whole), stateAt(trace, whole + 1)];
	const way = step - whole;
	const state = way < 0.5 ? from : to;
	const layout = way === 0 ? layoutStage(from) : layoutBetween(layoutStage(from), layoutStage(to), way);
	const cords = cordStyles(c, palette, options.cords);
	const planeOf = (s: StitchNumber): number => {
		const at = (of: HandState): number => of.loops.find((l) => l.stitch === s)?.plane ?? 0;
		const t = way * way * (3 - 2 * way);
		return at(from) + (at(to) - at(from)) * t;
	};
	const shapes: Shape[] = [
		{ kind: 'path', role: 'water', depth: 0, d: `M0 0H${WIDTH}V${HEIGHT}H0Z`, fill: palette.water[0] },
		...ROWS.flatMap(([plane, says]) => paintPlane(planeY(plane), says, palette, textScale)),
		...paintBars(layout, state, palette),
		...paintLoops(layout, cords, planeOf, palette, options.names),
		...paintYarn(layout, state, palette, textScale),
		paintSitting(palette, textScale),
	];
	const drawing: Drawing = {
		width: WIDTH,
		height: HEIGHT,
		shapes: byDepth(shapes),
		label: labelFor(state),
		crossPoints: [],
	};
	return options.mirrored ? mirrored(drawing) : drawing;
}

/** Where the worker is. */
export const paintSitting = (palette: Palette, textScale: number): Shape => ({
	kind: 'text',
	role: 'side',
	depth: 100,
	x: WIDTH / 2,
	y: HEIGHT - 14,
	text: 'you sit here',
	size: 15 * textScale,
	fill: palette.ink,
	anchor: 'middle',
	face: 'sans',
});

/** A dashed line at the height of a plane, and its name. */
export function paintPlane(y: number, says: string, palette: Palette, textScale: number): Shape[] {
	return [
		{
			kind: 'path',
			role: 'plane',
			depth: 1,
			d: `M0 ${num(y)}H${WIDTH}`,
			stroke: palette.ripple,
			width: 1.5,
			dash: [3, 7],
			opacity: 0.8,
		},
		{
			kind: 'text',
			role: 'plane',
			depth: 2,
			x: 14,
			y: y - 22,
			text: says,
			size: 14 * textScale,
			fill: palette.ink,
			anchor: 'start',
			face: 'sans',
		},
	];
}

const bar = (role: string, from: number, to: number, y: number, colours: Palette['needle'], half: number): Shape => ({
	kind: 'path',
	role,
	depth: 10,
	d: `M${num(from)} ${num(y - half)}H${num(to)}V${num(y + half)}H${num(from)}Z`,
	fill: colours.body,
	stroke: colours.edge,
	width: 1.5,
});

function paintBars(layout: StageLayout, state: HandState, palette: Palette): Shape[] {
	const half = BAR / 2;
	const { left, right } = layout;
	return [
		bar('needle', 0, left.tip.x, NEEDLES_Y + (left.entered ? off(left.entered) : 0), palette.needle, half),
		bar('needle', right.tip.x, WIDTH, NEEDLES_Y + (right.entered ? off(right.entered) : 0), palette.needle, half),
		...layout.holders.map((h): Shape => {
			const depth = state.holders[h.id]?.depth === 'outer' ? 2 : 1;
			const y = planeY((h.side === 'front' ? 1 : -1) * depth);
			return bar('holder', h.from, h.to, y, palette.holder, half * 0.85);
		}),
	];
}

const off = (from: 'front' | 'behind'): number => (from === 'front' ? BAR : -BAR);

function paintLoops(
	layout: StageLayout,
	cords: ReadonlyMap<StitchNumber, StrandStyle>,
	planeOf: (s: StitchNumber) => number,
	palette: Palette,
	names?: readonly string[],
): Shape[] {
	const r = Math.min(17, layout.step * 0.4);
	return layout.heads.flatMap((head): Shape[] => {
		const { stitch, loop } = head;
		const style = stitch === undefined ? undefined : cords.get(stitch);
		const colours = style?.colours ?? palette.ground;
		const y = stitch === undefined || head.old ? NEEDLES_Y : planeY(planeOf(stitch));
		const loose = loop?.on === 'loose';
		const circle: Shape = {
			kind: 'circle',
			role: 'loop',
			depth: 20,
			...(stitch === undefined ? {} : { stitch }),
			cx: head.x,
			cy: y,
			r,
			fill: loop?.done ? palette.paper : colours.body,
			stroke: loose ? palette.risk : colours.edge,
			width: loose ? 3 : 2.4,
			...(loose ? { dash: [5, 4] } : {}),
		};
		if (stitch === undefined || head.old || r < 6) return [circle];
		return [
			circle,
			{
				kind: 'circle',
				role: 'tag',
				depth: 21,
				cx: head.x,
				cy: y,
				r: r * 0.68,
				fill: palette.paper,
			},
			{
				kind: 'text',
				role: 'tag',
				depth: 22,
				x: head.x,
				y: y + r * 0.34,
				text: names?.[stitch - 1] ?? String(stitch),
				size: r * (names ? 0.8 : 0.95),
				fill: palette.ink,
				anchor: 'middle',
				face: 'sans',
			},
		];
	});
}

/** The yarn runs between the needles and the holder that hangs on its side, or outside it. */
function paintYarn(layout: StageLayout, state: HandState, palette: Palette, textScale: number): Shape[] {
	const sign = state.yarn === 'front' ? 1 : -1;
	const y = planeY(sign * (state.outside ? 1.5 : 0.5));
	const { x } = layout.yarn.from;
	return [
		{
			kind: 'path',
			role: 'yarn',
			depth: 15,
			d: `M${num(x)} ${NEEDLES_Y}C${num(x)} ${num(y)} ${num(x + 30)} ${num(y)} ${num(x + 90)} ${num(y)}H${WIDTH}`,
			stroke: palette.yarn.body,
			width: 8,
			cap: 'round',
		},
		{
			kind: 'text',
			role: 'note',
			depth: 100,
			x: WIDTH - 14,
			y: y - 10,
			text: 'yarn',
			size: 14 * textScale,
			fill: palette.ink,
			anchor: 'end',
			face: 'sans',
			halo: palette.water[0],
		},
	];
}

function labelFor(state: HandState): string {
	const held = (loop: Loop): string => {
		const holder = state.holders[loop.on as HolderId];
		if (holder) return `${holder.depth} ${holder.side} cable needle`;
		return loop.on === 'loose' ? 'no tool' : 'needles';
	};
	const groups = new Map<string, number[]>();
	for (const loop of state.loops) groups.set(held(loop), [...(groups.get(held(loop)) ?? []), loop.stitch]);
	const said = [...groups].map(([where, stitches]) => `${listNumbers(stitches)} on the ${where}`);
	return `From above. Stitches ${said.join('; ')}.`.replaceAll('on the no tool', 'on no tool');
}
