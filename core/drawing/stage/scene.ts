/**
 * The stage: one state of the hands as a picture. Who lies over whom comes from
 * the passings so far and, for stitches that wait, from the plane they hang in.
 */

import { listNumbers, type Crossing, type StitchNumber } from '../../crossing/index.ts';
import { stateAt, type HandState, type Trace } from '../../handling/index.ts';
import { bowsOf } from '../bows.ts';
import { mirrored } from '../mirrored.ts';
import { PALETTES, type Palette, type StrandColours } from '../palette.ts';
import { byDepth, num, type Drawing, type Shape } from '../shapes.ts';
import { cordStyles, paintStrand, type StrandStyle } from '../strand.ts';
import { weave, type Strand } from '../weave.ts';
import { seenFromBehind } from './behind.ts';
import { DEPTH } from './depths.ts';
import { paintFabric } from './rows-below.ts';
import { HEIGHT, layoutStage, WIDTH, type Head, type StageLayout } from './layout.ts';
import { legsOf, paintCollar, paintTop, type TopPaint } from './loops.ts';
import { paintLegs } from './legs.ts';
import { whoIsNearer } from './nearer.ts';
import type { StageOptions } from './options.ts';
import { paintSide, paintWater } from './surroundings.ts';
import { paintTags } from './tags.ts';
import { layoutBetween } from './motion.ts';
import { depthOf, holderDepth, paintHolder, paintNeedle } from './tools.ts';

/**
 * The stage after `step` moves of a trace; step 0 is before the first. A step between two whole ones
 * is on its way from one to the next: 2.25 a quarter of the way through the third move.
 */
export function drawNeedles(c: Crossing, asWorked: Trace, step: number, options: StageOptions): Drawing {
	const { light, textScale = 1, holderShape = 'bent', yarnHand = 'right' } = options;
	const palette = PALETTES[light];
	const behind = options.from === 'behind';
	const trace = behind ? seenFromBehind(asWorked) : asWorked;
	const turned = (options.mirrored ?? false) !== behind;
	const whole = Math.floor(step);
	const [from, to] = [stateAt(trace, whole), stateAt(trace, whole + 1)];
	const way = step - whole;
	const state = way < 0.5 ? from : to;
	const layout = way === 0 ? layoutStage(from) : layoutBetween(layoutStage(from), layoutStage(to), way);
	/** Sides are the worker's, whoever looks on. */
	const sideWord = (side: 'front' | 'back'): 'front' | 'back' =>
		behind ? (side === 'front' ? 'back' : 'front') : side;
	const cords = cordStyles(c, palette, options.cords);
	const groundStyle: StrandStyle = { colours: palette.ground, texture: 'ground' };
	const styleOf = (stitch: StitchNumber | undefined): StrandStyle =>
		stitch === undefined ? groundStyle : (cords.get(stitch) ?? groundStyle);

	const woven = weaveLegs(c, layout, whoIsNearer(trace, Math.ceil(step), way === 0 ? state : to));
	const legs = paintLegs(woven.pieces, {
		palette,
		strand: layout.strand,
		// Old loops are told apart from the new ones of their stitch by their place among the heads.
		stitchOf: (n) => (n < 0 ? layout.heads[-1 - n]?.stitch : n),
		styleOf,
	});

	const tops = layout.heads.flatMap((head): Shape[] => {
		const paint = {
			head,
			style: styleOf(head.stitch),
			step: layout.step,
			strand: layout.strand,
			...layersOf(head, layout),
			turned: head.loop?.mount === 'behind',
		};
		return [...paintCollar(paint), ...paintTop(paint)];
	});

	const columns = [
		...layout.heads
			.filter((h) => !h.old)
			.map((h) => ({
				x: h.baseX,
				style: styleOf(h.stitch),
				kind: (h.stitch === undefined ? undefined : options.below?.[h.stitch - 1]) ?? 'plain',
			})),
		...layout.lost.map(({ stitch, x }) => ({ x, style: styleOf(stitch), ladder: true })),
	].sort((a, b) => a.x - b.x);
	const shapes = [
		...paintWater(palette),
		...paintFabric(columns, layout.step, behind),
		...legs,
		...tops,
		...paintNeedle(layout.left, palette),
		...paintNeedle(layout.right, palette),
		...layout.holders.flatMap((h) => paintHolder(h, holderShape, palette)),
		// Turning the picture turns the hands too, so the yarn is drawn towards the other one first.
		...paintYarn(layout, (yarnHand === 'right') !== (options.mirrored ?? false) ? 'right' : 'left', {
			palette,
			textScale,
			two: options.yarns === 2,
			word: `${options.yarns === 2 ? 'both yarns' : 'yarn'} ${sideWord(layout.yarn.side === 'front' ? 'front' : 'back') === 'front' ? 'in front' : 'behind'}`,
		}),
		...paintTrouble(layout, state, palette),
		...paintTags(layout, cords, palette, textScale, options.names),
		...paintNotes(layout, sideWord, palette, textScale),
		...paintSide(options.side, palette, textScale),
	];
	const drawing: Drawing = {
		width: WIDTH,
		height: HEIGHT,
		shapes: byDepth(shapes),
		label: `${behind ? 'Seen from behind. ' : ''}${labelFor(stateAt(asWorked, way < 0.5 ? whole : whole + 1), options.mirrored ? 'right' : 'left', options.names)}`,
		crossPoints: woven.crossPoints,
	};
	return turned ? mirrored(drawing) : drawing;
}

function weaveLegs(
	c: Crossing,
	layout: StageLayout,
	nearer: (a: StitchNumber, b: StitchNumber) => boolean,
): ReturnType<typeof weave> {
	// Ground has no number of its own; negative ones keep it apart in the weave.
	const bows = bowsOf(c);
	// Cords bend as they come to lie across each other.
	const come = Math.min(1, Math.max(0, ...layout.heads.map((h) => wayCome(h, c, layout.step))));
	const bowOf = (head: Head): number => come * layout.step * (bows.get(head.stitch ?? -1) ?? 0);
	const strands = layout.heads.flatMap((head, i): Strand[] =>
		legsOf(head, layout.step, bowOf(head)).legs.map((curve) => ({
			stitch: head.old ? -1 - i : (head.stitch ?? -1 - i),
			curve,
		})),
	);
	const woven = weave(strands, nearer);
	return { ...woven, crossPoints: woven.crossPoints.filter((p) => p.upper > 0 && p.lower > 0) };
}

/** How much of its way aside a stitch has come, 1 when it is there. */
function wayCome({ stitch, x, baseX }: Head, c: Crossing, step: number): number {
	const places = stitch === undefined ? 0 : Math.abs(c.order.indexOf(stitch) - (stitch - 1));
	return places === 0 ? 0 : Math.abs(x - baseX) / (places * step);
}

/** The layers of the tools that a loop's top is wrapped round; two differ while two needles are in it. */
function layersOf(head: Head, layout: StageLayout): Pick<TopPaint, 'backLayer' | 'frontLayer'> {
	const one = (layer: number): Pick<TopPaint, 'backLayer' | 'frontLayer'> => ({ backLayer: layer, frontLayer: layer });
	const { loop } = head;
	const right = depthOf(layout.right);
	const left = depthOf(layout.left);
	if (head.old) return one(left);
	if (!loop) return one(head.baseX > WIDTH / 2 ? right : left);
	if (loop.on === 'loose') {
		// Loose loops lie behind what a needle carries nearer, and before what it carries further away.
		const behind = layout.heads.some((h) => h.loop?.on === 'right' && h.loop.plane > loop.plane);
		return one(behind ? DEPTH.looseBehind : DEPTH.needles);
	}
	const holder = layout.holders.find((h) => h.id === loop.on);
	if (holder) return one(holderDepth(holder));
	if (loop.entered) return { backLayer: Math.min(right, left), frontLayer: Math.max(right, left) };
	return one(loop.on === 'right' ? right : left);
}

/** The working yarn, on its side of the needles, towards the hand that holds it. */
function paintYarn(
	layout: StageLayout,
	to: 'right' | 'left',
	{ palette, textScale, two, word }: { palette: Palette; textScale: number; two: boolean; word: string },
): Shape[] {
	const { from, side } = layout.yarn;
	const behind = side === 'behind';
	const start = { x: from.x - layout.step * 0.16, y: from.y + (behind ? 2 : 14) };
	const end = to === 'right' ? WIDTH : 0;
	const dir = to === 'right' ? 1 : -1;
	const away = end - start.x;
	/** The path, or that of a second yarn beside it. */
	const path = (by: number): string => {
		const at = (x: number, y: number): string => `${num(start.x + x)} ${num(start.y + by + y)}`;
		return behind
			? `M${at(0, 0)}C${at(-dir * 8, -74)} ${at(away * 0.2, -90)} ${at(away * 0.45, -82)}S${num(start.x + away * 0.8)} ${20 + by} ${end} ${18 + by}`
			: `M${at(0, 0)}C${at(-dir * 14, 46)} ${at(away * 0.1, 74)} ${at(away * 0.35, 58)}S${at(away * 0.8, 34)} ${end} ${num(start.y + by + 40)}`;
	};
	const note: Shape = {
		kind: 'text',
		role: 'note',
		depth: DEPTH.words,
		x: end - dir * 14,
		// Over the left needle it stands above the yarn: below it a front holder has its own word.
		y: behind ? 59 + 15 * textScale : to === 'right' ? start.y + 57 + 15 * textScale : start.y + 26,
		text: word,
		size: 15 * textScale,
		fill: palette.ink,
		anchor: to === 'right' ? 'end' : 'start',
		face: 'sans',
		halo: palette.water[0],
	};
	const strand = (colours: StrandColours, by: number): Shape[] =>
		paintStrand(
			{ colours, texture: 'plain' },
			{
				d: path(by),
				width: layout.strand * 0.66,
				depth: (behind ? DEPTH.yarnBehind : DEPTH.yarnInFront) + (by === 0 ? 0.01 : 0),
				role: 'yarn',
				cap: 'round',
			},
		);
	return [...strand(palette.yarn, 0), ...(two ? strand(palette.yarnTwo, layout.strand * 0.9) : []), note];
}

/** Yarn where it does not belong: strands across stitches, and loops beside them. */
function paintTrouble(layout: StageLayout, state: HandState, palette: Palette): Shape[] {
	const style: StrandStyle = { colours: palette.yarn, texture: 'plain' };
	const width = layout.strand * 0.66;
	const bars = state.bars.flatMap(({ side, across }): Shape[] => {
		const heads = layout.heads.filter((h) => h.stitch !== undefined && !h.old && across.includes(h.stitch));
		if (heads.length === 0) return [];
		const xs = heads.map((h) => h.x);
		const y = Math.max(...heads.map((h) => h.y)) + BAR_DROP;
		const [from, to] = [Math.min(...xs) - layout.step * 0.55, Math.max(...xs) + layout.step * 0.55];
		return paintStrand(style, {
			d: `M${num(from)} ${num(y - 7)}C${num(from + layout.step * 0.3)} ${num(y + 4)} ${num(to - layout.step * 0.3)} ${num(y + 4)} ${num(to)} ${num(y - 7)}`,
			width,
			depth: side === 'front' ? DEPTH.frontHolderOuter + 3 : DEPTH.yarnBehind,
			role: 'bar',
			cap: 'round',
		});
	});
	const worked = layout.heads.filter((h) => h.loop?.done);
	const loops = Array.from({ length: state.extraLoops }, (_, i): Shape[] => {
		const beside = worked[worked.length - 1 - i] ?? layout.heads.find((h) => h.stitch === undefined)!;
		const x = beside.x + layout.step * 0.5;
		const { y } = beside;
		return paintStrand(style, {
			d: `M${num(x - 7)} ${num(y + 30)}C${num(x - 12)} ${num(y + 6)} ${num(x - 10)} ${num(y - 18)} ${num(x)} ${num(y - 18)}S${num(x + 12)} ${num(y + 6)} ${num(x + 7)} ${num(y + 30)}`,
			width,
			depth: DEPTH.needleInFront + 2,
			role: 'extra',
			cap: 'round',
		});
	}).flat();
	return [...bars, ...loops];
}

/** How far below the tops of the stitches a strand lies across them. */
const BAR_DROP = 44;

/** Words beside the tools, and rings round loops that hang on nothing. */
function paintNotes(
	layout: StageLayout,
	sideWord: (side: 'front' | 'back') => 'front' | 'back',
	palette: Palette,
	textScale: number,
): Shape[] {
	const notes = layout.holders.map((h): Shape => ({
		kind: 'text',
		role: 'note',
		depth: DEPTH.words,
		x: h.from - 10,
		y: h.y,
		text: sideWord(h.side) === 'front' ? 'in front' : 'at the back',
		size: 17 * textScale,
		fill: palette.ink,
		anchor: 'end',
		face: 'sans',
		halo: palette.water[0],
	}));
	const loose = layout.heads.filter((h) => h.loop?.on === 'loose');
	const rings = loose.map((h): Shape => ({
		kind: 'circle',
		role: 'risk',
		depth: DEPTH.words - 1,
		cx: h.x,
		cy: h.y - 2,
		r: layout.step * 0.42,
		fill: 'none',
		stroke: palette.risk,
		width: 2.4,
		dash: [5, 4],
	}));
	if (loose.length === 0) return notes;
	const leftmost = Math.min(...loose.map((h) => h.x));
	const word: Shape = {
		kind: 'text',
		role: 'note',
		depth: DEPTH.words,
		x: leftmost - layout.step * 0.42 - 10,
		y: loose[0]!.y + 4,
		text: 'loose',
		size: 17 * textScale,
		fill: palette.risk,
		anchor: 'end',
		face: 'sans',
		halo: palette.water[0],
	};
	return [...notes, ...rings, word];
}

function labelFor(state: HandState, workedOff: 'left' | 'right', names?: readonly string[]): string {
	const other = workedOff === 'left' ? 'right' : 'left';
	const part = (numbers: readonly number[], where: string): string[] =>
		numbers.length > 0
			? [`${names ? numbers.map((n) => names[n - 1]).join(', ') : listNumbers(numbers)} ${where}`]
			: [];
	const on = (carrier: string): number[] => state.loops.filter((l) => l.on === carrier).map((l) => l.stitch);
	const held = Object.entries(state.holders).flatMap(([id, h]) =>
		part(on(id), h.side === 'front' ? 'on the cable needle in front' : 'on the cable needle at the back'),
	);
	const words = [
		...part([...on('left')], `on the ${workedOff} needle`),
		...held,
		...part(on('loose'), 'hanging loose'),
		...part(on('right'), `on the ${other} needle`),
	];
	return `Stitches ${words.join('; ')}. The yarn is ${state.yarn === 'behind' ? 'behind' : 'in front of'} the needles.`;
}
