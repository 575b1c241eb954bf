/** Marks on crossings that are pulled: one bar where it is snug, two where tight, three where very tight; heavier and in another colour as well. */

import { STRAIN_VERDICTS, type StrainVerdict } from '../../fabric/index.ts';
import type { Palette } from '../palette.ts';
import { num, type Shape } from '../shapes.ts';

/** Bars in a mark; none on what is easy. */
const BARS: Readonly<Record<StrainVerdict, number>> = { easy: 0, snug: 1, tight: 2, 'very tight': 3 };

const colourOf = (verdict: StrainVerdict, palette: Palette): string =>
	verdict === 'snug' ? palette.ink : palette.risk;

/** A mark with its middle here, `size` from its middle to its edge. */
export function strainMark(verdict: StrainVerdict, x: number, y: number, size: number, palette: Palette): Shape[] {
	const bars = BARS[verdict];
	if (bars === 0) return [];
	const colour = colourOf(verdict, palette);
	const between = size * 0.42;
	return [
		{
			kind: 'circle',
			role: 'strain',
			depth: 900,
			cx: x,
			cy: y,
			r: size,
			fill: palette.paper,
			stroke: colour,
			width: 1 + 0.7 * bars,
		},
		{
			kind: 'path',
			role: 'strain',
			depth: 901,
			d: Array.from({ length: bars }, (_, i) => {
				const at = x + (i - (bars - 1) / 2) * between;
				return `M${num(at)} ${num(y - size * 0.5)}V${num(y + size * 0.5)}`;
			}).join(''),
			stroke: colour,
			width: 1.2 + 0.3 * bars,
		},
	];
}

/** Height of the legend. */
export const LEGEND = 30;

/** What the marks that are there mean, from the left. */
export function strainLegend(
	present: ReadonlySet<StrainVerdict>,
	{ x, y, palette }: { readonly x: number; readonly y: number; readonly palette: Palette },
): Shape[] {
	let at = x;
	return STRAIN_VERDICTS.filter((v) => BARS[v] > 0 && present.has(v)).flatMap((verdict) => {
		const here = at;
		at += 30 + verdict.length * 8;
		return [
			...strainMark(verdict, here + 8, y, 8, palette),
			{
				kind: 'text',
				role: 'strain',
				depth: 901,
				x: here + 21,
				y: y + 4.5,
				text: verdict,
				size: 13,
				fill: palette.ink,
				anchor: 'start',
				face: 'sans',
			} as const,
		];
	});
}
