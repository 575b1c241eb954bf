import type { StitchNumber } from '../../crossing/index.ts';
import type { Palette } from '../palette.ts';
import type { Shape } from '../shapes.ts';
import type { StrandStyle } from '../strand.ts';
import { DEPTH } from './depths.ts';
import { TOP_RISE } from './loops.ts';

/** What a tag needs to know of a layout. */
interface Tagged {
	readonly step: number;
	readonly strand: number;
	readonly heads: readonly {
		readonly stitch: StitchNumber | undefined;
		readonly x: number;
		readonly y: number;
		readonly old?: boolean;
	}[];
}

/** Numbers on the loops. */
export function paintTags(
	layout: Tagged,
	cords: ReadonlyMap<StitchNumber, StrandStyle>,
	palette: Palette,
	textScale: number,
	names?: readonly string[],
): Shape[] {
	const r = Math.min(13 * Math.sqrt(textScale), layout.step * 0.42);
	if (r < 5) return [];
	return layout.heads.flatMap((head): Shape[] => {
		if (head.stitch === undefined || head.old) return [];
		const cy = head.y - TOP_RISE - r - layout.strand * 0.75;
		const { colours } = cords.get(head.stitch)!;
		return [
			{
				kind: 'circle',
				role: 'tag',
				depth: DEPTH.words,
				stitch: head.stitch,
				cx: head.x,
				cy,
				r,
				fill: palette.paper,
				stroke: palette.dark ? colours.body : colours.edge,
				width: 2.4,
			},
			{
				kind: 'text',
				role: 'tag',
				depth: DEPTH.words + 1,
				stitch: head.stitch,
				x: head.x,
				y: cy + r * (textScale > 2 && !names ? 0.52 : 0.42),
				text: names?.[head.stitch - 1] ?? String(head.stitch),
				// Where words are drawn large, as for a picture that is set small, numbers fill their tags.
				size: r * (names ? 1.05 : textScale > 2 ? 1.5 : 1.25),
				fill: palette.ink,
				anchor: 'middle',
				face: 'sans',
			},
		];
	});
}
