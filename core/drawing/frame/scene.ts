/**
 * A loom or a bed: one state of it as a picture. The worker at a loom sees the knit side, the worker at a
 * bed the purl side; who lies over whom comes from the passings so far, and from where loops hang.
 */

import { listNumbers, type Crossing, type StitchNumber } from '../../crossing/index.ts';
import {
	barePegs,
	stateAt,
	type BedState,
	type BedTrace,
	type LoomState,
	type LoomTrace,
} from '../../handling/index.ts';
import { upright } from '../curve.ts';
import { mirrored } from '../mirrored.ts';
import { PALETTES, type Palette } from '../palette.ts';
import { byDepth, num, type Drawing, type Shape } from '../shapes.ts';
import { DEPTH } from '../stage/depths.ts';
import { FABRIC_TOP, GROUND, HEIGHT, WIDTH } from '../stage/layout.ts';
import { paintFabric, paintKnit, paintPurl, type Column } from '../stage/rows-below.ts';
import { paintLegs } from '../stage/legs.ts';
import { whoIsNearer } from '../stage/nearer.ts';
import type { StageOptions } from '../stage/options.ts';
import { paintSide, paintWater } from '../stage/surroundings.ts';
import { paintTags } from '../stage/tags.ts';
import { cordStyles, paintStrand, type StrandStyle } from '../strand.ts';
import { weave, type Strand } from '../weave.ts';
import { frameBetween, layoutBed, layoutLoom, PEG_Y, type FrameHead, type FrameLayout } from './layout.ts';
import { paintBed, paintCarriage, paintParked, paintPegs, paintWeight, wrapPath } from './tools.ts';

type SceneState = LoomState | BedState;

const layoutOf = (state: SceneState): FrameLayout => (state.tool === 'loom' ? layoutLoom(state) : layoutBed(state));

/** How far below its top a loop's legs begin. */
const NECK = 14;
/** The old loop of a worked stitch, under the new one. */
const COLLAR = { top: 22, foot: 50 } as const;

/** The moment after `step` moves, whole or on its way; see `drawStage`. */
export function drawFrame(c: Crossing, trace: LoomTrace | BedTrace, step: number, options: StageOptions): Drawing {
	const { light, textScale = 1 } = options;
	const palette = PALETTES[light];
	// At a bed the worker's own side is the one from which the knit side is behind.
	const behind = (options.from === 'behind') !== (trace.tool === 'bed');
	const whole = Math.floor(step);
	const [from, to] = [stateAt<SceneState>(trace, whole), stateAt<SceneState>(trace, whole + 1)];
	const way = step - whole;
	const state = way < 0.5 ? from : to;
	const layout = way === 0 ? layoutOf(from) : frameBetween(layoutOf(from), layoutOf(to), way);
	const cords = cordStyles(c, palette, options.cords);
	const ground: StrandStyle = { colours: palette.ground, texture: 'ground' };
	const styleOf = (stitch: StitchNumber | undefined): StrandStyle =>
		stitch === undefined ? ground : (cords.get(stitch) ?? ground);

	const onTop = whoIsNearer(trace, Math.ceil(step), way === 0 ? state : to);
	const woven = weaveLegs(layout, (a, b) => onTop(a, b) !== behind);
	const legs = paintLegs(woven.pieces, {
		palette,
		strand: layout.strand,
		stitchOf: (n) => (n < 0 ? undefined : n),
		styleOf,
	});
	const shapes: Shape[] = [
		...paintWater(palette),
		...(state.isCastOn
			? paintEdge(layout, ground)
			: paintFabric(columnsOf(state, layout, styleOf), layout.step, behind)),
		...legs,
		...layout.heads.flatMap((head) => paintHead(head, layout, styleOf(head.stitch), behind)),
		...layout.tools.flatMap((t) => paintParked(t, options.holderShape ?? 'bent', palette, behind)),
		...(state.tool === 'loom' ? paintLoom(state, layout, palette) : paintBed(state, layout, palette)),
		...paintTags(tagged(layout), cords, palette, textScale, options.names),
		...paintNotes(layout, state, palette, textScale, behind),
	];
	if (state.tool === 'bed') {
		// The worker's left is at the right of the knit side.
		const side = (s: SceneState): number => (s.tool === 'bed' && s.carriage === 'left' ? 1 : 0);
		const at = side(from) + (side(to) - side(from)) * (way * way * (3 - 2 * way));
		shapes.push(...paintCarriage(state, at, { palette, textScale, turned: behind }));
		shapes.push(...paintWeight(state.weights, layout, palette));
	}
	const drawing: Drawing = {
		width: WIDTH,
		height: HEIGHT,
		shapes: byDepth(shapes),
		label: `${options.from === 'behind' ? 'Seen from behind. ' : ''}${labelFor(state)}`,
		crossPoints: woven.crossPoints,
	};
	const turned = behind ? mirrored(drawing) : drawing;
	// Said last, so that it stays in its corner whichever way the picture is turned.
	const said = paintSide(
		trace.tool === 'bed' ? (behind ? 'purl side' : 'knit side') : behind ? 'other side' : 'knit side',
		palette,
		textScale,
	);
	return { ...turned, shapes: [...turned.shapes, ...said] };
}

/** Where nothing was knitted before, loops hang from their cast-on: the yarn from foot to foot. */
function paintEdge({ heads, step, strand }: FrameLayout, style: StrandStyle): Shape[] {
	const feet = heads.map((h) => h.baseX).sort((a, b) => a - b);
	const y = FABRIC_TOP + 8;
	return feet.slice(1).flatMap((x, i) =>
		paintStrand(style, {
			d: `M${num(feet[i]! + step * 0.1)} ${y}C${num(feet[i]! + step * 0.3)} ${y + 7} ${num(x - step * 0.3)} ${y + 7} ${num(x - step * 0.1)} ${y}`,
			width: strand * 0.8,
			depth: DEPTH.fabric,
			role: 'edge',
			cap: 'round',
		}),
	);
}

/** Tags of loops that hang inside stand at their feet, clear of the pegs and of what passes before them. */
const tagged = (layout: FrameLayout): Parameters<typeof paintTags>[0] => ({
	...layout,
	heads: layout.heads.map((h) => (h.on === 'inside' || h.on === 'outside' ? { ...h, y: FABRIC_TOP + 46 } : h)),
});

/** Half the width of a loop where it goes round what carries it. */
const openOf = ({ large }: FrameHead, step: number): number => step * (large ? 0.29 : 0.2);

function weaveLegs(
	layout: FrameLayout,
	nearer: (a: StitchNumber, b: StitchNumber) => boolean,
): ReturnType<typeof weave> {
	const strands = layout.heads.flatMap((head, i): Strand[] => {
		const foot = layout.step * 0.1;
		const worked = head.done !== undefined && head.on === 'own';
		const y = head.y + (worked ? COLLAR.foot : NECK);
		const open = worked ? layout.step * 0.1 : openOf(head, layout.step);
		return ([-1, 1] as const).map((dir) => ({
			// Ground has no number of its own; negative ones keep it apart in the weave.
			stitch: head.stitch ?? -1 - i,
			curve: upright({ x: head.baseX + dir * foot, y: FABRIC_TOP + 8 }, { x: head.x + dir * open, y }),
		}));
	});
	const woven = weave(strands, nearer);
	return { ...woven, crossPoints: woven.crossPoints.filter((p) => p.upper > 0 && p.lower > 0) };
}

/** The layer of what carries a loop, as far as its own parts have to lie behind and before that. */
function layerOf({ on }: FrameHead, behind: boolean): number {
	if (on === 'outside') return behind ? DEPTH.backHolder : DEPTH.frontHolder;
	if (on === 'inside') return behind ? DEPTH.frontHolder : DEPTH.backHolder;
	if (on === 'across') return DEPTH.fabric - 2;
	if (on === 'tool') return behind ? DEPTH.frontHolder : DEPTH.backHolder;
	return DEPTH.needles;
}

/** The top of a loop, round the front of its peg or across its needle; and the old loop under a worked one. */
function paintHead(head: FrameHead, layout: FrameLayout, style: StrandStyle, behind: boolean): Shape[] {
	const { step, strand } = layout;
	if (head.on === 'ladder') return [];
	const open = openOf(head, step);
	const { x, y } = head;
	const worked = head.done !== undefined && head.on === 'own';
	const bottom = y + (worked ? COLLAR.top + 6 : NECK);
	const base = {
		width: strand,
		role: 'top',
		cap: 'round' as const,
		...(head.stitch === undefined ? {} : { stitch: head.stitch }),
	};
	// Hooked over one side, the loop does not close round the front.
	const d = head.hung
		? `M${num(x - open)} ${num(bottom)}C${num(x - open * 1.3)} ${num(y - 8)} ${num(x - open * 1.6)} ${num(y - 16)} ${num(x - open * 2)} ${num(y - 4)}`
		: `M${num(x - open)} ${num(bottom)}C${num(x - open * 1.25)} ${num(y - 4)} ${num(x - open * 1.1)} ${num(y - 12)} ${num(x)} ${num(y - 12)}S${num(x + open * 1.25)} ${num(y - 4)} ${num(x + open)} ${num(bottom)}`;
	const layer = layerOf(head, behind);
	const top = paintStrand(style, { ...base, d, depth: layer + 2 });
	if (!worked) return top;
	const purl = (head.done === 'p') !== behind;
	const collar = purl
		? paintPurl(x, y + COLLAR.top + 10, step, style, layer + 2.5)
		: paintKnit(x, y + COLLAR.top, step, style, DEPTH.needles - 0.5, COLLAR.foot - COLLAR.top);
	return [...collar, ...top];
}

function columnsOf(
	state: SceneState,
	layout: FrameLayout,
	styleOf: (stitch: StitchNumber | undefined) => StrandStyle,
): readonly Column[] {
	const ground = layout.slots.flatMap((x, i): Column[] => {
		const rank = i < GROUND ? GROUND - 1 - i : i - (layout.slots.length - GROUND);
		if (rank < 0) return [];
		const style = styleOf(undefined);
		if (state.tool === 'loom') return [{ x, style }];
		// The columns next to the crossing may be let down and latched up; the knit side's right is the worker's left.
		const beside = rank === 0 ? state.beside[i < GROUND ? 'left' : 'right'] : 'knit';
		return [{ x, style, face: beside === 'purl' ? 'p' : 'k', ...(beside === 'ladder' ? { ladder: true } : {}) }];
	});
	const own = layout.heads.flatMap((h): Column[] => {
		if (h.stitch === undefined) return [];
		const ladder = h.on === 'ladder' ? { ladder: true } : {};
		const face = state.tool === 'bed' ? { face: h.done === 'p' ? ('p' as const) : ('k' as const) } : {};
		return [{ x: h.baseX, style: styleOf(h.stitch), ...face, ...ladder }];
	});
	const lost = layout.lost.map(({ stitch, x }): Column => ({ x, style: styleOf(stitch), ladder: true }));
	return [...ground, ...own, ...lost].sort((a, b) => a.x - b.x);
}

/** Which of the loops was cast on last: at one end of them. */
const castOnAt = (state: LoomState): number => ((barePegs(state)[0] ?? 0) > (state.loops[0]?.peg ?? 0) ? -1 : 0);

function paintLoom(state: LoomState, layout: FrameLayout, palette: Palette): Shape[] {
	const yarn: StrandStyle = { colours: palette.yarn, texture: 'plain' };
	const width = layout.strand * 0.66;
	const wraps = layout.heads.flatMap((h): Shape[] =>
		h.wrapped
			? paintStrand(yarn, {
					d: wrapPath(h.x, layout.step),
					width,
					depth: DEPTH.needles + 3,
					role: 'wrap',
					cap: 'round',
				})
			: [],
	);
	const leftwards = state.direction === 'leftwards';
	// From where the row has come to, away over the loops that are done.
	const touched = layout.heads.filter((h) => h.stitch !== undefined && (h.wrapped || h.done));
	const xs = touched.map((h) => h.x);
	const before = leftwards ? layout.slots[GROUND - 1]! : layout.slots.at(-GROUND)!;
	// While loops are cast on, from the latest of them.
	const latest = barePegs(state).length > 0 ? layout.heads.at(castOnAt(state)) : undefined;
	const x = latest
		? latest.x
		: state.beyond
			? leftwards
				? layout.slots.at(-GROUND)!
				: layout.slots[GROUND - 1]!
			: xs.length === 0
				? before
				: leftwards
					? Math.min(...xs)
					: Math.max(...xs);
	const end = leftwards ? 0 : WIDTH;
	const dir = leftwards ? -1 : 1;
	const y = PEG_Y - 22;
	const d = `M${num(x + dir * layout.step * 0.28)} ${y}C${num(x + dir * 60)} ${y - 12} ${num((x + end) / 2)} ${y - 66} ${end} ${y - 60}`;
	return [
		...paintPegs(state, layout, palette),
		...wraps,
		...paintStrand(yarn, { d, width, depth: DEPTH.needles + 2.9, role: 'yarn', cap: 'round' }),
	];
}

/** Words beside what loops are parked on, and rings where something will go wrong. */
function paintNotes(
	layout: FrameLayout,
	state: SceneState,
	palette: Palette,
	textScale: number,
	behind: boolean,
): Shape[] {
	const text = (x: number, y: number, says: string, fill: string, anchor: 'start' | 'end'): Shape => ({
		kind: 'text',
		role: 'note',
		depth: DEPTH.words,
		x,
		y,
		text: says,
		size: 17 * textScale,
		fill,
		anchor,
		face: 'sans',
		halo: palette.water[0],
	});
	const names = {
		pin: 'on a pin',
		holder: 'on a stitch holder',
		fingers: 'in the fingers',
		peg: 'across',
		transfer: '',
	};
	// Shown small, words are large, and there is room for the place alone.
	const brief = textScale >= 1.5;
	const notes = layout.tools.flatMap((t): Shape[] => {
		if (t.kind === 'transfer') return [];
		const says = t.kind === 'peg' ? names.peg : brief ? t.side : `${t.side}, ${names[t.kind]}`;
		return [text(t.from - 10, t.y + 4, says, palette.ink, 'end')];
	});
	const risky = layout.heads.filter(
		(h) =>
			h.hung ||
			h.large ||
			(h.on === 'outside' &&
				state.tool === 'loom' &&
				state.loops.some((l) => l.stitch === h.stitch && l.parked?.by === 'fingers')),
	);
	const rings = risky.map((h): Shape => ({
		kind: 'circle',
		role: 'risk',
		depth: DEPTH.words - 1,
		cx: h.x,
		cy: h.y + 2,
		r: layout.step * 0.4,
		fill: 'none',
		stroke: palette.risk,
		width: 2.4,
		dash: [5, 4],
	}));
	const word = risky.some((h) => h.hung) ? 'hangs up' : risky.some((h) => h.large) ? 'pulled large' : undefined;
	if (!word) return [...notes, ...rings];
	// At the edge that the picture is not turned to.
	const y = risky[0]!.y - 40;
	return [
		...notes,
		...rings,
		behind ? text(14, y, word, palette.risk, 'start') : text(WIDTH - 14, y, word, palette.risk, 'end'),
	];
}

function labelFor(state: SceneState): string {
	const where = new Map<string, number[]>();
	const put = (place: string, stitch: number): void => void where.set(place, [...(where.get(place) ?? []), stitch]);
	if (state.tool === 'loom') {
		for (const l of state.loops) put(l.parked ? `parked ${l.parked.side}` : 'on pegs', l.stitch);
	} else {
		for (const l of state.loops) {
			put(typeof l.on === 'number' ? 'on needles' : l.on === 'ladder' ? 'let down' : 'on a transfer tool', l.stitch);
		}
	}
	if (state.loops.length === 0 && state.isCastOn) return `Nothing is cast on yet. ${restOf(state)}`;
	const words = [...where].map(([place, stitches]) => `${listNumbers(stitches)} ${place}`);
	return `Loops ${words.join('; ')}. ${restOf(state)}`;
}

const restOf = (state: SceneState): string =>
	state.tool === 'loom'
		? `The row is wrapped ${state.direction}.`
		: `The carriage is at the ${state.carriage}, number ${state.tension}, holding ${state.holding ? 'on' : 'off'}.`;
