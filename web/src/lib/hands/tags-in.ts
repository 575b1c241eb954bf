import type { Drawing } from '@pond-loop/core/drawing';
import type { StitchNumber } from '@pond-loop/core/crossing';

/** Where the number of a loop stands, in hundredths of the picture's width and height. */
export interface LoopTag {
	readonly stitch: StitchNumber;
	readonly x: number;
	readonly y: number;
}

/** The numbered loops of a picture. */
export const tagsIn = ({ shapes, width, height }: Drawing): readonly LoopTag[] =>
	shapes.flatMap((s) =>
		s.kind === 'circle' && s.role === 'tag' && s.stitch !== undefined
			? [{ stitch: s.stitch, x: (100 * s.cx) / width, y: (100 * s.cy) / height }]
			: [],
	);
