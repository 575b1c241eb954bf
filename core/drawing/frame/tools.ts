/** Pegs and their bar; the bed with its needles, carriage and weight; and what loops are parked on. */

import type { BedState, HolderShape, LoomState, NeedlePosition } from '../../handling/index.ts';
import type { Palette, ToolColours } from '../palette.ts';
import { num, type Shape } from '../shapes.ts';
import { DEPTH } from '../stage/depths.ts';
import { GROUND, WIDTH } from '../stage/layout.ts';
import { paintHolder } from '../stage/tools.ts';
import { PEG_Y, type FrameLayout, type FrameTool } from './layout.ts';

/** A block with its edges rounded. */
const block = (
	role: string,
	[x, y, w, h, r]: readonly [x: number, y: number, w: number, h: number, r: number],
	depth: number,
	{ body, edge }: ToolColours,
): Shape => ({
	kind: 'path',
	role,
	depth,
	d: `M${num(x + r)} ${num(y)}H${num(x + w - r)}Q${num(x + w)} ${num(y)} ${num(x + w)} ${num(y + r)}V${num(y + h - r)}Q${num(x + w)} ${num(y + h)} ${num(x + w - r)} ${num(y + h)}H${num(x + r)}Q${num(x)} ${num(y + h)} ${num(x)} ${num(y + h - r)}V${num(y + r)}Q${num(x)} ${num(y)} ${num(x + r)} ${num(y)}Z`,
	fill: body,
	stroke: edge,
	width: 1.6,
});

const line = (role: string, d: string, stroke: string, width: number, depth: number): Shape => ({
	kind: 'path',
	role,
	depth,
	d,
	stroke,
	width,
	cap: 'round',
});

const BAR_Y = 196;
const BAR_H = 22;
const PEG_TOP = 112;

/** The bar lies behind the strands; each peg stands before the legs of its loop, which goes round its front. */
export function paintPegs(state: LoomState, { slots, step }: FrameLayout, palette: Palette): Shape[] {
	const { needle } = palette;
	const half = Math.min(9, step * 0.17);
	const far = palette.holderFar;
	const across: Shape[] =
		state.shape === 'round'
			? [
					block('far-bar', [0, 74, WIDTH, 14, 4], DEPTH.fabric - 4, far),
					...slots.map((x) =>
						block('far-peg', [x - half * 0.7, 40, half * 1.4, 38, half * 0.7], DEPTH.fabric - 3, far),
					),
				]
			: [];
	const right = slots[0]! + step * 1.1;
	const left = slots.at(-1)! - step * 1.1;
	const from = state.shape === 'rake' ? left : -10;
	const to = state.shape === 'rake' ? right : WIDTH + 10;
	return [
		...across,
		block('bar', [from, BAR_Y, to - from, BAR_H, 6], DEPTH.yarnBehind - 2, needle),
		line('bar', `M${num(from + 8)} ${BAR_Y + 6}H${num(to - 8)}`, needle.light, 3, DEPTH.yarnBehind - 1.9),
		...slots.flatMap((x): Shape[] => [
			block('peg', [x - half, PEG_TOP, half * 2, BAR_Y - PEG_TOP + 4, half], DEPTH.needles, needle),
			line(
				'peg',
				`M${num(x - half * 0.35)} ${PEG_TOP + 10}V${BAR_Y - 6}`,
				needle.light,
				half * 0.4,
				DEPTH.needles + 0.1,
			),
			// The knob keeps the loop from sliding off.
			block('peg', [x - half * 1.35, PEG_TOP - 9, half * 2.7, 13, 6], DEPTH.needles + 0.2, needle),
		]),
	];
}

/** Below the controls that lie over the picture's corner. */
const BED_Y = 58;
const BED_H = 66;
/** How far the hook of a needle reaches down from the bed. */
const REACH: Readonly<Record<NeedlePosition, number>> = { out: BED_Y + BED_H + 8, work: 192, forward: 226 };

/** The bed lies behind; each needle's stem goes before the legs of its loop, which lies across it. */
export function paintBed(state: BedState, { slots, step }: FrameLayout, palette: Palette): Shape[] {
	const { metal } = palette;
	const width = Math.min(6.5, step * 0.13);
	const needles = slots.flatMap((x, i): Shape[] => {
		// Ground beyond the two columns beside the crossing simply stays in work.
		const position = state.needles[i - GROUND + 1] ?? 'work';
		const tip = REACH[position];
		const hook = `M${num(x)} ${BED_Y + 20}V${num(tip)}C${num(x)} ${num(tip + 9)} ${num(x + width * 2)} ${num(tip + 9)} ${num(x + width * 2)} ${num(tip - 1)}`;
		return [
			line('needle', hook, metal.edge, width + 2.4, DEPTH.needles),
			line('needle', hook, metal.light, width, DEPTH.needles + 0.1),
			block(
				'butt',
				[x - width, BED_Y + 16 + (position === 'forward' ? 26 : position === 'out' ? -8 : 6), width * 2, 12, 2],
				DEPTH.needles + 0.2,
				palette.needle,
			),
		];
	});
	return [
		block('bed', [-10, BED_Y, WIDTH + 20, BED_H, 8], DEPTH.yarnBehind - 3, metal),
		line('bed', `M0 ${BED_Y + 8}H${WIDTH}`, metal.light, 5, DEPTH.yarnBehind - 2.9),
		line('bed', `M0 ${BED_Y + BED_H - 8}H${WIDTH}`, metal.dark, 6, DEPTH.yarnBehind - 2.9),
		...slots.map((x) =>
			line('slot', `M${num(x)} ${BED_Y + 14}V${BED_Y + BED_H - 4}`, metal.dark, width * 1.9, DEPTH.yarnBehind - 2.8),
		),
		...needles,
	];
}

const CARRIAGE = { width: 118, height: 56, margin: 10 } as const;

/** The carriage at its side of the bed, or on its way; the drawing is of the knit side, where the worker's left is right. */
export function paintCarriage(
	{ tension, holding }: BedState,
	at: number,
	{ palette, textScale, turned }: { palette: Palette; textScale: number; turned: boolean },
): Shape[] {
	const { metal } = palette;
	const run = WIDTH - 2 * CARRIAGE.margin - CARRIAGE.width;
	const x = CARRIAGE.margin + run * at;
	const y = BED_Y + 4;
	const says = `${tension}`;
	const words: Shape[] = [
		{
			kind: 'text',
			role: 'note',
			depth: DEPTH.words,
			x: x + CARRIAGE.width / 2,
			y: y + 28,
			text: says,
			size: 24,
			fill: metal.edge,
			anchor: 'middle',
			face: 'sans',
		},
		{
			kind: 'text',
			role: 'note',
			depth: DEPTH.words,
			x: x + CARRIAGE.width / 2,
			y: y + 46,
			text: holding ? 'holding on' : 'holding off',
			size: Math.min(16, 13 * textScale),
			fill: metal.edge,
			anchor: 'middle',
			face: 'sans',
		},
	];
	// From the knit side one looks at its back.
	return [
		block('carriage', [x, y, CARRIAGE.width, CARRIAGE.height, 12], DEPTH.frontHolderOuter + 1, {
			...metal,
			body: metal.light,
		}),
		line(
			'carriage',
			`M${num(x + 14)} ${y + CARRIAGE.height - 6}H${num(x + CARRIAGE.width - 14)}`,
			metal.dark,
			4,
			DEPTH.frontHolderOuter + 1.1,
		),
		...(turned ? words : []),
	];
}

/** A claw that pulls the fabric down. */
export function paintWeight(on: boolean, { slots, step }: FrameLayout, palette: Palette): Shape[] {
	if (!on) return [];
	const { metal } = palette;
	const from = slots.at(-1)! - step * 0.3;
	const to = slots[0]! + step * 0.3;
	const teeth = slots.map((x) => line('weight', `M${num(x)} 456V444`, metal.edge, 2.4, DEPTH.fabric - 1));
	return [block('weight', [from, 452, to - from, 12, 6], DEPTH.fabric + 8, metal), ...teeth];
}

/** A transfer tool: its prongs hold the loops, its handle lies towards the worker. */
function paintTransfer({ prongs = [], y, from, to }: FrameTool, palette: Palette, near: boolean): Shape[] {
	const depth = near ? DEPTH.frontHolder : DEPTH.backHolder;
	const { metal, holder } = palette;
	const mid = (from + to) / 2;
	return [
		...prongs.flatMap((x): Shape[] => [
			line('prong', `M${num(x)} ${y - 16}V${y + 62}`, metal.edge, 6, depth + 1),
			line('prong', `M${num(x)} ${y - 16}V${y + 62}`, metal.light, 3.2, depth + 1.1),
		]),
		block('tool', [from, y + 58, to - from, 18, 6], depth + 1.2, metal),
		block('tool', [mid - 11, y + 74, 22, 74, 9], depth + 1.3, holder),
	];
}

/** What parked loops hang on, seen on the knit side or from the other one. */
export function paintParked(tool: FrameTool, shape: HolderShape, palette: Palette, behind: boolean): Shape[] {
	const near = (tool.side === 'outside') !== behind;
	switch (tool.kind) {
		case 'transfer':
			// Lifted loops hang on the worker's side, which is not that of the knit side.
			return paintTransfer(tool, palette, behind);
		case 'peg':
		case 'fingers':
			return [];
		case 'pin':
		case 'holder':
			return paintHolder(
				{
					id: 'holder-1',
					side: near ? 'front' : 'back',
					outer: false,
					from: tool.from,
					to: tool.to,
					y: tool.y,
				},
				tool.kind === 'pin' ? 'straight' : shape,
				palette,
			);
	}
}

/** The yarn laid round the front of a peg, above its loop. */
export const wrapPath = (x: number, step: number): string => {
	const w = step * 0.3;
	return `M${num(x - w)} ${PEG_Y - 24}C${num(x - w * 0.5)} ${PEG_Y - 12} ${num(x + w * 0.5)} ${PEG_Y - 12} ${num(x + w)} ${PEG_Y - 24}`;
};
