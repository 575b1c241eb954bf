/**
 * The yarn of a swatch in space: the middle of every strand, row by row, each loop drawn through the one below it.
 *
 * In stitch widths: x to the left as stitches count, from the right edge; y up; z towards who looks at the right side.
 * A loop stands where the relaxation puts it; its head stands where the loop that was drawn through it stands, so that
 * the loops below a crossing are what slants, and what lies over is nearer by `over`.
 */

import type { LiesAcross } from '../../fabric/index.ts';
import type { Cords, Worked, WorkedRow } from '../../swatch/index.ts';
import { liftsOf, type LayerLift } from './lifts.ts';

/** Thickness of yarn: of a stitch's width. */
export const THICKNESS = 0.22;
/** Middles of strands come no nearer than this: yarn is squeezed, and no more. */
const APART = THICKNESS * 0.74;
/** How far a strand goes forward and back through another loop. */
const THROUGH = 0.135;
/** How far a head reaches above the foot of the loop that is drawn through it, and that foot below the head. */
const OVERLAP = 0.14;
const LEG = 0.26;
/** Where a loop slants, its two sides and those of the next one stand evenly. */
const SLANT_LEG = 0.21;
const NECK = 0.1;
/** Of several heads that one loop is drawn through, each goes round the one before. */
const STACKED = 0.165;

export interface YarnPoint {
	readonly x: number;
	readonly y: number;
	readonly z: number;
}

/** One row of yarn, from its first stitch to its last. */
export interface YarnRow {
	readonly points: readonly YarnPoint[];
	/** The stitch that each point belongs to. */
	readonly stitch: readonly number[];
	/** How far along the slant of its loop each point is, from 0 to 1; below 0 between loops. */
	readonly along: readonly number[];
	/** The cord of each stitch; -1 for ground. */
	readonly cords: readonly number[];
}

interface YarnLoop {
	readonly x: number;
	head: number;
	/** 1 where it is drawn forward through the one below, -1 backward. */
	readonly face: number;
	/** That of the loop drawn through it. */
	up: number;
	base: number;
	top: number;
	lift?: LayerLift;
	/** From one layer of its crossing to the next. */
	layer: number;
	/** Of several heads on one loop, which. */
	stacked: number;
}

/** `rise`: the height of a row, in stitch widths. Of as many rows as `lies` has. Linear in their stitches. */
export function centreLines(worked: Worked, cords: Cords, lies: LiesAcross, rise: number): readonly YarnRow[] {
	const rows = worked.rows.filter((r) => r.ok).slice(0, lies.x.length - 1);
	const toldAt = [0, ...worked.rows.flatMap((r, i) => (r.ok ? [i + 1] : []))];
	const lifts = layersIn(rows, lies);
	const layers = lifts.map((row) => row.map((lift) => lift?.layer ?? 0));
	// Feet come forward with the heads that they stand in, and heads with the feet that are drawn through them.
	const feet = layers.map((row, r) =>
		row.map((own, c) => (own !== 0 || r === 0 ? own : (layers[r - 1]![rows[r - 1]!.stitches[c]!.from] ?? 0))),
	);
	const loops: YarnLoop[][] = lies.x.map((row, r) =>
		withRoom(row, feet[r]!).map((x, c) => ({
			x,
			head: x,
			face: r > 0 && rows[r - 1]!.stitches[c]!.face === 'p' ? -1 : 1,
			up: 1,
			base: 0,
			top: 0,
			layer: 0,
			stacked: 0,
			...(lifts[r]![c] ? { lift: lifts[r]![c] } : {}),
		})),
	);
	const rises = lies.x.map((_, i) => rise * roomUp(rows[i]));
	for (const [i, row] of rows.entries()) {
		const [below, here] = [loops[i]!, loops[i + 1]!];
		for (const [c, { from, also = [] }] of row.stitches.entries()) {
			for (const [k, p] of [from, ...also].entries()) {
				const old = p < 0 ? undefined : below[p];
				if (!old) continue;
				old.head = here[c]!.x;
				old.up = here[c]!.face;
				old.stacked = k;
			}
		}
		for (const { at, crossing } of row.crossings) {
			const strands = row.stitches.slice(at, at + crossing.n).flatMap(({ from }) => below[from] ?? []);
			const layer = 2 * THROUGH + Math.max(0, ...strands.map((old) => thickOf(pileOf(old, rises[i]!)))) + APART;
			for (const old of strands) old.layer = layer;
		}
	}
	for (const [i, row] of rows.entries()) {
		for (const [c, { from }] of row.stitches.entries()) {
			const [old, now] = [loops[i]![from], loops[i + 1]![c]!];
			if (!old) continue;
			now.base = now.lift ? forward(now) : forward(old);
			old.top = old.lift ? forward(old) : forward(now);
		}
	}
	let y = 0;
	return loops.map((row, r) => {
		const yarn = yarnOf(row, y, rises[r]!, labelsOf(cords, toldAt[r]!));
		y += rises[r]!;
		return yarn;
	});
}

/**
 * Loops of one row stand no nearer than this, in stitch widths, for in space they have to pass by each other; where one
 * lies in another layer than the next, its yarn has to get past both.
 */
const LEAST_APART = { beside: 0.85, layers: 1.1 };

/** Places moved as little as may be so that each stands so far from the next: runs that are too near spread about their middle. */
function withRoom(row: Float64Array, layers: readonly number[]): readonly number[] {
	let sum = 0;
	const least = layers.map((layer, i) => {
		if (i > 0) sum += layers[i - 1] === layer ? LEAST_APART.beside : LEAST_APART.layers;
		return sum;
	});
	const runs: { sum: number; many: number }[] = [];
	for (const [i, x] of row.entries()) {
		let run = { sum: x - least[i]!, many: 1 };
		for (let last = runs.at(-1); last && last.sum / last.many > run.sum / run.many; last = runs.at(-1)) {
			run = { sum: run.sum + last.sum, many: run.many + last.many };
			runs.pop();
		}
		runs.push(run);
	}
	return runs
		.flatMap(({ sum: all, many }) => Array.from({ length: many }, () => all / many))
		.map((x, i) => x + least[i]!);
}

/** By how much the loops below a wide crossing reach higher: strands that go far sideways draw yarn from their neighbours. */
function roomUp(next: WorkedRow | undefined): number {
	const travel = Math.max(
		0,
		...(next?.crossings ?? []).flatMap(({ crossing }) => crossing.order.map((s, k) => Math.abs(s - k - 1))),
	);
	return travel === 0 ? 1 : 0.85 + 0.3 * travel;
}

/** The lift of every loop below a crossing; none of the others. */
function layersIn(rows: readonly WorkedRow[], lies: LiesAcross): readonly (readonly (LayerLift | undefined)[])[] {
	const all = lies.x.map((row) => Array<LayerLift | undefined>(row.length).fill(undefined));
	for (const [i, row] of rows.entries()) {
		for (const { at, crossing } of row.crossings) {
			const lifts = liftsOf(crossing);
			for (const [k, s] of crossing.order.entries()) {
				const from = row.stitches[at + k]?.from ?? -1;
				if (from >= 0) all[i]![from] = lifts.get(s);
			}
		}
	}
	return all;
}

/** From the middle between two loops, where yarn that changes its layer has got past their sides. */
const PAST = 0.07;

const labelsOf = ({ strands, cordOf }: Cords, told: number): readonly number[] =>
	Array.from(strands[told]!, (s) => cordOf[s]!);

/** How far forward it is where it crosses. */
const forward = ({ lift, layer }: YarnLoop): number => (lift?.layer ?? 0) * layer;

/** Where a slant begins and ends: above the head that its loop comes out of, and below the foot that will go through. */
const slantOf = (rise: number): readonly [from: number, to: number] => [OVERLAP + 0.07, rise - OVERLAP - 0.1];

/** How many strands lie behind each other where they slant so steeply that they have no room side by side, and how far apart. */
interface Pile {
	readonly many: number;
	readonly apart: number;
}
function pileOf({ x, head }: Pick<YarnLoop, 'x' | 'head'>, rise: number): Pile {
	const [from, to] = slantOf(rise);
	// Two legs a stitch, seen across their slant.
	const beside = (2 * SLANT_LEG * (to - from)) / Math.hypot(head - x, to - from);
	const many = Math.max(1, Math.ceil(APART / beside));
	return { many, apart: many === 1 ? 0 : Math.sqrt(Math.max(0, APART ** 2 - beside ** 2)) };
}
const thickOf = ({ many, apart }: Pile): number => (many - 1) * apart;

/** Parts of a loop at its foot and its head that keep the layer of the other loop there. */
const LEVEL = 0.2;

/** How far forward a loop is, so far along from its foot to its head. */
function liftAt({ lift, base, top, layer }: YarnLoop, along: number): number {
	const t = Math.min(1, Math.max(0, along));
	if (!lift?.meetings)
		return lift ? lift.layer * layer : base + (top - base) * Math.min(1, Math.max(0, (t - LEVEL) / (1 - 2 * LEVEL)));
	// In a ring: towards the nearest meeting, by how near that is.
	let sum = 0;
	let weights = 0;
	for (const at of lift.meetings) {
		const near = 1 / (0.02 + (t - at.at) ** 2);
		sum += near * at.layer;
		weights += near;
	}
	return (weights > 0 ? sum / weights : 0) * layer;
}

function yarnOf(row: readonly YarnLoop[], y0: number, rise: number, cords: readonly number[]): YarnRow {
	const points: YarnPoint[] = [];
	const stitch: number[] = [];
	const along: number[] = [];
	const put = (c: number, t: number, x: number, y: number, z: number): void => {
		points.push({ x, y, z });
		stitch.push(c);
		along.push(t);
	};
	const top = y0 + rise + OVERLAP;
	for (const [c, loop] of row.entries()) {
		const { x, head, face, up } = loop;
		const before = row[c - 1];
		const after = row[c + 1];
		const z = (t: number): number => liftAt(loop, t);
		const outside = loop.stacked * STACKED;
		const crown = top + outside;
		const pile = pileOf(loop, rise);
		const [from, to] = slantOf(rise);
		const leg = (side: 1 | -1): [number, number, number, number][] => {
			const piled = (((2 * c + (side > 0 ? 1 : 0)) % pile.many) - (pile.many - 1) / 2) * pile.apart;
			const slanted = (t: number): [number, number, number, number] => {
				const wide = side * ((Math.abs(head - x) > 0.3 ? SLANT_LEG : LEG) + outside * t);
				// It passes in front of the others on its way to the same head.
				const ahead = loop.stacked * STACKED * 1.3 * Math.min(1, 3 * t);
				return [
					0.2 + 0.6 * t,
					x + (head - x) * t + wide,
					y0 + from + (to - from) * t,
					(face + (up - face) * t) * THROUGH + z(0.2 + 0.6 * t) + piled + ahead,
				];
			};
			return [
				// Out from under the sinker, through the neck of the loop below, and up to the head.
				[-0.05, x + side * 0.2, y0 - OVERLAP, -face * THROUGH + z(0)],
				[0.05, x + side * NECK, y0, z(0)],
				[0.15, x + side * (NECK + 0.04), y0 + OVERLAP, face * THROUGH + z(0.1) + piled * 0.5],
				...[0, 0.25, 0.5, 0.75, 1].map(slanted),
				[0.9, head + side * (LEG + 0.02 + outside), y0 + rise - OVERLAP, up * THROUGH + z(0.9) + piled * 0.5],
				[0.95, head + side * (LEG + 0.01 + outside), y0 + rise + 0.02, z(1)],
				[1, head + side * (0.16 + outside), crown - 0.03, -up * THROUGH + z(1)],
			];
		};
		/** To the middle between this loop and the next: past the sides of the old ones before it changes its layer. */
		const sinker = (other: YarnLoop | undefined, side: 1 | -1): [number, number, number, number][] => {
			const foot = -face * THROUGH + z(0);
			const edge = other ? (x + other.x) / 2 : x + side * 0.5;
			const there = other ? -other.face * THROUGH + liftAt(other, 0) : foot;
			const past: [number, number, number, number] = [-0.08, edge - side * PAST, y0 - OVERLAP - 0.01, foot];
			const middle: [number, number, number, number] = [-0.1, edge, y0 - OVERLAP - 0.02, (foot + there) / 2];
			return Math.abs(there - foot) > THICKNESS * 1.5 ? [past, middle] : [middle];
		};
		for (const [t, ...at] of sinker(before, -1).reverse()) put(c, t, ...at);
		for (const [t, ...at] of leg(-1)) put(c, t, ...at);
		put(c, 1, head, crown, -up * THROUGH + z(1));
		for (const [t, ...at] of leg(1).reverse()) put(c, t, ...at);
		// The middle itself belongs to the next one, where there is one.
		for (const [t, ...at] of sinker(after, 1).slice(0, after ? -1 : undefined)) put(c, t, ...at);
	}
	return { points, stitch, along, cords };
}
