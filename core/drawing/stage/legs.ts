import type { StitchNumber } from '../../crossing/index.ts';
import { between, pathOf } from '../curve.ts';
import type { Palette } from '../palette.ts';
import type { Shape } from '../shapes.ts';
import { paintStrand, type StrandStyle } from '../strand.ts';
import type { StrandPiece } from '../weave.ts';
import { DEPTH } from './depths.ts';

interface Legs {
	readonly palette: Palette;
	/** Width of a strand. */
	readonly strand: number;
	/** The stitch of a piece; ground and old loops have negative numbers in the weave. */
	readonly stitchOf: (inWeave: number) => StitchNumber | undefined;
	readonly styleOf: (stitch: StitchNumber | undefined) => StrandStyle;
}

/** The legs of all loops in their order from the weave, each with a shade on what it lies over. */
export const paintLegs = (pieces: readonly StrandPiece[], { palette, strand, stitchOf, styleOf }: Legs): Shape[] =>
	pieces.flatMap((piece): Shape[] => {
		const depth = DEPTH.strands + Math.min(piece.level, 15);
		const stitch = stitchOf(piece.stitch);
		const shade: Shape[] = piece.over
			? [
					{
						kind: 'path',
						role: 'shadow',
						depth,
						d: pathOf(between(piece.curve, 0.14, 0.86)),
						stroke: palette.shadow,
						width: strand * 1.85,
						opacity: 0.2,
					},
				]
			: [];
		const painted = paintStrand(styleOf(stitch), {
			d: pathOf(piece.curve),
			width: strand,
			depth: depth + 0.5,
			role: 'strand',
			cap: 'round',
			...(stitch === undefined ? {} : { stitch }),
		});
		return [...shade, ...painted];
	});
