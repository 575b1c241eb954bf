/** A length of yarn as shapes: edge, body and the texture that tells the cords apart without colour. */

import type { Crossing, StitchNumber } from '../crossing/index.ts';
import type { Palette, StrandColours } from './palette.ts';
import type { PathShape } from './shapes.ts';

export type Texture = 'plain' | 'bands' | 'dots' | 'line' | 'ground';

export interface StrandStyle {
	readonly colours: StrandColours;
	readonly texture: Texture;
	/** The cord's letter; none for the purl ground. */
	readonly letter?: 'A' | 'B' | 'C' | 'D';
}

export const TEXTURES = ['plain', 'bands', 'dots', 'line'] as const;
const LETTERS = ['A', 'B', 'C', 'D'] as const;

/**
 * The cord that each stitch belongs to: stitches that stay side by side are one
 * cord, lettered from the tip. Purled stitches become ground and carry no letter. Where a craft says
 * itself which cord each stitch belongs to, from 0, that counts, and -1 is ground.
 */
export function cordStyles(
	c: Crossing,
	palette: Palette,
	cords?: readonly number[],
): ReadonlyMap<StitchNumber, StrandStyle> {
	const styles = new Map<StitchNumber, StrandStyle>();
	let cord = -1;
	for (let stitch = 1; stitch <= c.n; stitch++) {
		const here = c.order.indexOf(stitch);
		const before = c.order.indexOf(stitch - 1);
		if (stitch === 1 || here !== before + 1) cord += 1;
		const said = cords?.[stitch - 1];
		const ground = said === undefined ? c.work[stitch - 1]!.startsWith('p') : said < 0;
		const k = (said ?? cord) % 4;
		styles.set(
			stitch,
			ground
				? { colours: palette.ground, texture: 'ground' }
				: { colours: palette.cords[k]!, texture: TEXTURES[k]!, letter: LETTERS[k]! },
		);
	}
	return styles;
}

export interface StrandPaint {
	readonly d: string;
	readonly width: number;
	readonly depth: number;
	readonly role: string;
	readonly stitch?: StitchNumber;
	readonly cap?: 'butt' | 'round';
}

/** Edge, body and texture along one path. All three lie within `depth` and `depth` + 0.003. */
export function paintStrand({ colours, texture }: StrandStyle, p: StrandPaint): PathShape[] {
	const base = {
		kind: 'path' as const,
		d: p.d,
		role: p.role,
		cap: p.cap ?? ('butt' as const),
		...(p.stitch === undefined ? {} : { stitch: p.stitch }),
	};
	const shapes: PathShape[] = [
		{ ...base, depth: p.depth, stroke: colours.edge, width: p.width + Math.max(1.6, p.width * 0.22) },
		{ ...base, depth: p.depth + 0.001, stroke: colours.body, width: p.width },
	];
	const mark = markOf(texture, p.width);
	if (mark) shapes.push({ ...base, depth: p.depth + 0.002, stroke: colours.mark, ...mark });
	return shapes;
}

function markOf(texture: Texture, width: number): Pick<PathShape, 'width' | 'dash' | 'cap'> | undefined {
	switch (texture) {
		case 'plain':
		case 'ground':
			return undefined;
		case 'bands':
			return { width: width * 0.96, dash: [width * 0.28, width * 0.62], cap: 'butt' };
		case 'dots':
			return { width: width * 0.42, dash: [0.01, width * 0.95], cap: 'round' };
		case 'line':
			return { width: width * 0.26, cap: 'butt' };
	}
}
