/** The fabric that a procedure left behind: the crossing with a row on either side of it, and all that went wrong in it. */

import { isOver, pairKey, type Crossing, type StitchNumber } from '../crossing/index.ts';
import { signsOf, type SideSeen, type HandlingOutcome } from '../handling/index.ts';
import { bowsOf } from './bows.ts';
import { pathOf, upright } from './curve.ts';
import { mirrored } from './mirrored.ts';
import { PALETTES, type Light, type Palette } from './palette.ts';
import { byDepth, num, type Drawing, type Shape } from './shapes.ts';
import { paintKnit, paintPurl } from './stage/rows-below.ts';
import { cordStyles, paintStrand, type StrandStyle } from './strand.ts';
import { weave, type Strand } from './weave.ts';

export interface ResultOptions {
	readonly light: Light;
	/** Which face of the fabric is seen. */
	readonly face: SideSeen;
	/** Made left-handed: turned left to right. */
	readonly mirrored?: boolean;
}

const STEP = 34;
const STRAND = 17;
const PAD = 22;
const ROW = 27;
const ROWS_ABOVE = 2;
const ROWS_BELOW = 2;
const TOP = 14 + ROWS_ABOVE * ROW;

/** 34 wide for each stitch; what the outcome says, never what was asked. */
export function drawResult(asked: Crossing, outcome: HandlingOutcome, options: ResultOptions): Drawing {
	const palette = PALETTES[options.light];
	const styles = cordStyles(asked, palette);
	const behind = options.face === 'WS';
	const bows = bowsOf(asked);
	const pad = PAD + STEP * 0.45 * Math.max(0, ...[...bows.values()].map(Math.abs));
	const width = Math.max(asked.n, outcome.order.length) * STEP + 2 * pad;
	const furthest = Math.max(1, ...asked.order.map((s, i) => Math.abs(s - 1 - i)));
	const bottom = TOP + Math.min(190, 54 + 30 * furthest);
	const height = bottom + ROWS_BELOW * ROW + 12;
	const x = (place: number): number => width - pad - STEP * (place + 0.5);
	const styleOf = (s: StitchNumber): StrandStyle => styles.get(s)!;

	const strands = outcome.order.map((stitch, place): Strand => ({
		stitch,
		curve: upright({ x: x(stitch - 1), y: bottom }, { x: x(place), y: TOP }, STEP * (bows.get(stitch) ?? 0)),
	}));
	const woven = weave(strands, nearerIn(asked, outcome, behind));
	const shapes: Shape[] = [
		{ kind: 'path', role: 'paper', depth: 0, d: `M0 0H${num(width)}V${num(height)}H0Z`, fill: palette.water[0] },
		...woven.pieces.flatMap((piece): Shape[] => {
			const d = pathOf(piece.curve);
			const depth = 10 + piece.level;
			const gap: Shape[] = piece.over
				? [{ kind: 'path', role: 'gap', depth, d, stroke: palette.water[0], width: STRAND + 8, cap: 'butt' }]
				: [];
			const thin = outcome.split.includes(piece.stitch);
			const paint = {
				d,
				width: thin ? STRAND * 0.5 : STRAND,
				depth: depth + 0.5,
				role: 'strand',
				stitch: piece.stitch,
			};
			return [...gap, ...paintStrand(styleOf(piece.stitch), paint)];
		}),
		...outcome.order.flatMap((s, place) => paintAbove(s, x(place), outcome, behind, styleOf(s))),
		...asked.work.flatMap((_, i) => paintBelow(x(i), bottom, behind, styleOf(i + 1))),
		...outcome.lost.flatMap((s) => paintLadder(x(s - 1), bottom, styleOf(s))),
		...paintBars(outcome, x, (TOP + bottom) / 2, behind, palette),
		...paintExtra(outcome, x, palette),
	];
	const signs = signsOf(asked, outcome).flatMap((s) => s.says[options.face] ?? []);
	const drawing: Drawing = {
		width,
		height,
		shapes: byDepth(shapes),
		label: `The fabric on the ${options.face}: ${signs.join('; ') || 'as it should be'}.`,
		crossPoints: woven.crossPoints,
	};
	return (options.mirrored ?? false) !== behind ? mirrored(drawing) : drawing;
}

/** Who lies nearer on this face; where nothing says, the one that stood nearer the tip. */
function nearerIn(
	asked: Crossing,
	outcome: HandlingOutcome,
	behind: boolean,
): (a: StitchNumber, b: StitchNumber) => boolean {
	const uppers = new Map(outcome.over.map(([u, l]) => [pairKey(u, l), u]));
	return (a, b) => {
		const upper = uppers.get(pairKey(a, b));
		const over = upper === undefined ? (isOver(asked, a, b) ?? a < b) : upper === a;
		return over !== behind;
	};
}

/** The crossing row's own stitch, and one worked in it since. */
function paintAbove(
	s: StitchNumber,
	x: number,
	outcome: HandlingOutcome,
	behind: boolean,
	style: StrandStyle,
): Shape[] {
	const work = outcome.work[s] ?? 'k';
	const cord = style.texture !== 'ground';
	const rows: Shape[] = [];
	for (let row = 0; row < ROWS_ABOVE; row++) {
		const y = TOP - (row + 1) * ROW;
		const own = row === 0;
		// Rows since are worked as the stitch now stands.
		const smooth = (own ? work.startsWith('k') : cord) !== behind;
		const depth = 60 + row;
		rows.push(...(smooth ? paintKnit(x, y, STEP, style, depth, ROW) : paintPurl(x, y + 14, STEP, style, depth)));
		if (own && smooth && work.endsWith('tbl')) rows.push(...paintTwist(x, y, style));
	}
	return rows;
}

/** The two halves of the stitch change sides at its foot. */
function paintTwist(x: number, y: number, style: StrandStyle): Shape[] {
	const arm = (dir: 1 | -1): Shape[] =>
		paintStrand(style, {
			d: `M${num(x + dir * STEP * 0.24)} ${num(y + 10)}C${num(x + dir * STEP * 0.18)} ${num(y + 20)} ${num(x - dir * STEP * 0.16)} ${num(y + 24)} ${num(x - dir * STEP * 0.2)} ${num(y + 36)}`,
			width: STEP * 0.2,
			depth: 64 + dir * 0.01,
			role: 'twist',
			cap: 'round',
		});
	return [...arm(-1), ...arm(1)];
}

function paintBelow(x: number, bottom: number, behind: boolean, style: StrandStyle): Shape[] {
	return Array.from({ length: ROWS_BELOW }, (_, row): Shape[] => {
		const y = bottom + row * ROW;
		const smooth = (style.texture !== 'ground') !== behind;
		const depth = 5 - row;
		return smooth ? paintKnit(x, y, STEP, style, depth, ROW) : paintPurl(x, y + 14, STEP, style, depth);
	}).flat();
}

function paintLadder(x: number, bottom: number, style: StrandStyle): Shape[] {
	return [0, 1, 2].flatMap((i) =>
		paintStrand(
			{ ...style, texture: 'plain' },
			{
				d: `M${num(x - STEP * 0.46)} ${num(bottom - 12 - i * 20)}Q${num(x)} ${num(bottom - 6 - i * 20)} ${num(x + STEP * 0.46)} ${num(bottom - 12 - i * 20)}`,
				width: STEP * 0.12,
				depth: 8,
				role: 'rung',
				cap: 'round',
			},
		),
	);
}

function paintBars(
	outcome: HandlingOutcome,
	x: (place: number) => number,
	y: number,
	behind: boolean,
	palette: Palette,
): Shape[] {
	return outcome.bars.flatMap(({ side, across }): Shape[] => {
		// On the other face it lies behind the cord, where nobody sees it.
		if ((side === 'front') === behind) return [];
		const places = across.map((s) => outcome.order.indexOf(s)).filter((p) => p >= 0);
		if (places.length === 0) return [];
		const xs = places.map(x);
		const [from, to] = [Math.min(...xs) - STEP * 0.6, Math.max(...xs) + STEP * 0.6];
		return paintStrand(
			{ colours: palette.yarn, texture: 'plain' },
			{
				d: `M${num(from)} ${num(y - 26)}Q${num((from + to) / 2)} ${num(y - 12)} ${num(to)} ${num(y - 26)}`,
				width: 10,
				depth: 90,
				role: 'bar',
				cap: 'round',
			},
		);
	});
}

function paintExtra(outcome: HandlingOutcome, x: (place: number) => number, palette: Palette): Shape[] {
	return Array.from({ length: outcome.extraLoops }, (_, i): Shape[] => {
		const at = x(outcome.order.length - 1 - i) + STEP * 0.5;
		return paintStrand(
			{ colours: palette.yarn, texture: 'plain' },
			{
				d: `M${num(at - 6)} ${TOP - 2}C${num(at - 12)} ${TOP - 26} ${num(at - 9)} ${TOP - 48} ${num(at)} ${TOP - 48}S${num(at + 12)} ${TOP - 26} ${num(at + 6)} ${TOP - 2}`,
				width: 8,
				depth: 92,
				role: 'extra',
				cap: 'round',
			},
		);
	}).flat();
}
