/**
 * A crossing as its cords passing over each other: the stitches as they stand
 * before at the bottom, as they stand after at the top, straight from `over`.
 */

import { isOver, type Crossing } from '../crossing/index.ts';
import { wordsMade, type CrossingWords } from '../notation/words-for.ts';
import { bowsOf } from './bows.ts';
import { pathOf, upright } from './curve.ts';
import { mirrored } from './mirrored.ts';
import { PALETTES, type Light } from './palette.ts';
import { byDepth, type Drawing, type Shape } from './shapes.ts';
import { cordStyles, paintStrand } from './strand.ts';
import { weave, type Strand } from './weave.ts';

export interface RibbonOptions {
	readonly light: Light;
	/** The colour around the cords, shown as a gap beside each upper one; the paper's when left out. */
	readonly around?: string;
	/** Stitch numbers below and above. */
	readonly numbers?: boolean;
	/** Made left-handed: turned left to right, numbers from the left. */
	readonly mirrored?: boolean;
	/** The cord of each stitch, from 0, and -1 for ground; worked out of the crossing when left out. */
	readonly cords?: readonly number[];
}

const STEP = 26;
const STRAND = 17;
const LEAST_HEIGHT = 96;
const MOST_HEIGHT = 320;
const NUMBERS = 20;

/** 26 wide for each stitch and more for cords in a ring, 96 to 320 high, 40 more with numbers. Quadratic in stitches. */
export function drawRibbon(c: Crossing, options: RibbonOptions): Drawing {
	const palette = PALETTES[options.light];
	const around = options.around ?? palette.paper;
	const styles = cordStyles(c, palette, options.cords);
	const top = options.numbers ? NUMBERS : 0;
	const bows = bowsOf(c);
	// Bent cords swing out beyond the places of their stitches.
	const swing = STEP * 0.45 * Math.max(0, ...[...bows.values()].map(Math.abs));
	const width = Math.max(c.n, 2) * STEP + 8 + 2 * swing;
	// A strand that goes far needs height, or neighbours in its cord close up on the slant.
	const furthest = Math.max(...c.order.map((stitch, place) => Math.abs(stitch - 1 - place)));
	// They go further still.
	const rise = bows.size > 0 ? 76 : 52;
	const bottom = top + Math.min(MOST_HEIGHT, Math.max(LEAST_HEIGHT, 16 + rise * furthest));
	// Counted from the tip, place 0 is the rightmost.
	const x = (place: number): number => width - 4 - swing - STEP * (place + 0.5 + (Math.max(c.n, 2) - c.n) / 2);

	const strands = c.order.map((stitch, place): Strand => ({
		stitch,
		curve: upright({ x: x(stitch - 1), y: bottom }, { x: x(place), y: top }, STEP * (bows.get(stitch) ?? 0)),
	}));
	const { pieces, crossPoints } = weave(strands, (a, b) => isOver(c, a, b) ?? false);
	const shapes: Shape[] = pieces.flatMap((piece) => {
		const d = pathOf(piece.curve);
		// All gaps of a level lie under all its strands, so neighbours in a cord do not bite each other.
		const gap: Shape[] = piece.over
			? [{ kind: 'path', role: 'gap', depth: piece.level, d, stroke: around, width: STRAND + 9, cap: 'butt' }]
			: [];
		const paint = { d, width: STRAND, depth: piece.level + 0.5, role: 'strand', stitch: piece.stitch };
		return [...gap, ...paintStrand(styles.get(piece.stitch)!, paint)];
	});
	if (options.numbers) shapes.push(...numbers(c, x, bottom, palette.quiet));
	const words = wordsMade({ made: c, mirrored: options.mirrored ?? false });
	const label = options.mirrored
		? labelFor(words, before(c).reverse(), c.order)
		: labelFor(words, before(c), [...c.order].reverse());
	const height = bottom + (options.numbers ? NUMBERS : 0);
	const drawing: Drawing = { width, height, shapes: byDepth(shapes), label, crossPoints };
	return options.mirrored ? mirrored(drawing) : drawing;
}

const before = (c: Crossing): number[] => Array.from({ length: c.n }, (_, i) => c.n - i);

function labelFor({ title, look }: CrossingWords, from: readonly number[], to: readonly number[]): string {
	return `${title}. ${look}. Order before ${from.join(' ')}, after ${to.join(' ')}, left to right.`;
}

function numbers(c: Crossing, x: (place: number) => number, bottom: number, fill: string): Shape[] {
	const text = (stitch: number, place: number, y: number): Shape => ({
		kind: 'text',
		role: 'number',
		depth: 1000,
		x: x(place),
		y,
		text: String(stitch),
		size: 14,
		fill,
		anchor: 'middle',
		face: 'sans',
	});
	return c.order.flatMap((stitch, place) => [text(stitch, place, 13), text(place + 1, place, bottom + 17)]);
}
