/** Needles and holders as shapes. */

import type { HolderShape } from '../../handling/index.ts';
import type { Palette, ToolColours } from '../palette.ts';
import { num, type PathShape, type Shape } from '../shapes.ts';
import { DEPTH, SANDWICH } from './depths.ts';
import type { HolderPlace, NeedlePlace } from './layout.ts';

const HALF = 8.5;
const TAPER = 46;

export function paintNeedle(needle: NeedlePlace, palette: Palette): Shape[] {
	const { tip, end } = needle;
	const dir = end.x > tip.x ? 1 : -1;
	const length = Math.abs(end.x - tip.x);
	const slope = (end.y - tip.y) / length;
	// A point so far along the needle from its tip, so far off its middle line.
	const at = (along: number, off: number): string => `${num(tip.x + dir * along)} ${num(tip.y + slope * along + off)}`;
	const depth = depthOf(needle) + SANDWICH.tool;
	const outline =
		`M${at(0, 1.5)}C${at(TAPER * 0.3, HALF * 0.7)} ${at(TAPER * 0.7, HALF)} ${at(TAPER, HALF)}L${at(length, HALF)}` +
		`L${at(length, -HALF)}L${at(TAPER, -HALF)}C${at(TAPER * 0.7, -HALF)} ${at(TAPER * 0.3, -HALF * 0.7)} ${at(0, -1.5)}Z`;
	const stripe = (off: number, width: number, stroke: string, opacity: number, d: number): PathShape => ({
		kind: 'path',
		role: 'needle',
		depth: depth + d,
		d: `M${at(TAPER * 0.55, off)}L${at(length, off)}`,
		stroke,
		width,
		cap: 'round',
		opacity,
	});
	return [
		{
			kind: 'path',
			role: 'needle',
			depth,
			d: outline,
			fill: palette.needle.body,
			stroke: palette.needle.edge,
			width: 1.6,
		},
		stripe(-3.2, 4, palette.needle.light, 0.9, 0.01),
		stripe(4.6, 4, palette.needle.dark, 0.85, 0.02),
	];
}

export const depthOf = (needle: NeedlePlace): number => {
	if (!needle.entered) return DEPTH.needles;
	return needle.entered === 'front' ? DEPTH.needleInFront : DEPTH.needleBehind;
};

export function paintHolder(holder: HolderPlace, shape: HolderShape, palette: Palette): Shape[] {
	const outline = OUTLINES[shape];
	const far = holder.side === 'back';
	const colours: ToolColours = far ? palette.holderFar : palette.holder;
	const half = far ? 5.5 : 7;
	const depth = holderDepth(holder) + SANDWICH.tool;
	const bar = outline(holder.from, holder.to, holder.y, half);
	const shade: Shape[] = far
		? []
		: [
				{
					kind: 'path',
					role: 'shadow',
					depth: holderDepth(holder) - 0.5,
					d: outline(holder.from + 5, holder.to + 5, holder.y + 13, half),
					fill: palette.shadow,
					opacity: 0.2,
				},
			];
	return [
		...shade,
		{ kind: 'path', role: 'holder', depth, d: bar, fill: colours.body, stroke: colours.edge, width: 1.6 },
		{
			kind: 'path',
			role: 'holder',
			depth: depth + 0.01,
			d: shine(holder, shape, -half * 0.4),
			stroke: colours.light,
			width: half * 0.5,
			cap: 'round',
		},
		{
			kind: 'path',
			role: 'holder',
			depth: depth + 0.02,
			d: shine(holder, shape, half * 0.55),
			stroke: colours.dark,
			width: half * 0.45,
			cap: 'round',
			opacity: 0.8,
		},
	];
}

export const holderDepth = ({ side, outer }: HolderPlace): number => {
	if (side === 'back') return outer ? DEPTH.backHolderOuter : DEPTH.backHolder;
	return outer ? DEPTH.frontHolderOuter : DEPTH.frontHolder;
};

const DIP = 6;
const BEND = 30;

/** A holder bent in its middle, so that stitches do not slide off: pointed at both ends. */
function bentBar(from: number, to: number, y: number, half: number): string {
	const top = y - DIP;
	const edge = (off: number): readonly string[] => [
		`${num(from + 16)} ${num(top + off)}`,
		`${num(from + BEND)} ${num(y + off)}`,
		`${num(to - BEND)} ${num(y + off)}`,
		`${num(to - 16)} ${num(top + off)}`,
	];
	const [a, b, c, d] = edge(-half);
	const [e, f, g, h] = edge(half);
	return `M${num(from)} ${num(top)}L${a} L${b} L${c} L${d} L${num(to)} ${num(top)}L${h} L${g} L${f} L${e}Z`;
}

/** Pointed at both ends, and straight. */
function straightBar(from: number, to: number, y: number, half: number): string {
	const edge = (off: number): readonly string[] => [
		`${num(from + 18)} ${num(y + off)}`,
		`${num(to - 18)} ${num(y + off)}`,
	];
	const [a, b] = edge(-half);
	const [c, d] = edge(half);
	return `M${num(from)} ${num(y)}L${a} L${b} L${num(to)} ${num(y)}L${d} L${c}Z`;
}

const HOOK_RADIUS = 13;
const SHORT_LEG = 8;

/** The long leg to the right, the short one turned back below it. */
function hookBar(from: number, to: number, y: number, half: number): string {
	const bend = from + HOOK_RADIUS + half;
	const low = y + 2 * HOOK_RADIUS;
	const turn = (radius: number, sweep: 0 | 1, toY: number): string =>
		`A${num(radius)} ${num(radius)} 0 0 ${sweep} ${num(bend)} ${num(toY)}`;
	return (
		`M${num(to)} ${num(y)}L${num(to - 18)} ${num(y - half)}L${num(bend)} ${num(y - half)}` +
		`${turn(HOOK_RADIUS + half, 0, low + half)}L${num(bend + SHORT_LEG)} ${num(low + half)}` +
		`L${num(bend + SHORT_LEG + 10)} ${num(low)}L${num(bend + SHORT_LEG)} ${num(low - half)}` +
		`L${num(bend)} ${num(low - half)}${turn(HOOK_RADIUS - half, 1, y + half)}L${num(to - 18)} ${num(y + half)}Z`
	);
}

const OUTLINES: Readonly<Record<HolderShape, typeof bentBar>> = {
	bent: bentBar,
	straight: straightBar,
	hook: hookBar,
};

function shine({ from, to, y }: HolderPlace, shape: HolderShape, off: number): string {
	if (shape !== 'bent') return `M${num(from + BEND)} ${num(y + off)}L${num(to - 20)} ${num(y + off)}`;
	return `M${num(from + 14)} ${num(y - DIP + off)}L${num(from + BEND)} ${num(y + off)}L${num(to - BEND)} ${num(y + off)}L${num(to - 14)} ${num(y - DIP + off)}`;
}
