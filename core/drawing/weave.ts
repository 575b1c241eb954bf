/**
 * Puts strands that cross in an order in which they can be painted one after
 * another, straight from who lies over whom.
 *
 * Where the strands allow it each is painted whole. Where they lie over each
 * other in a ring, no order of whole strands is right: those are cut halfway
 * between their meetings, and the pieces can always be ordered.
 */

import { between, meeting, type Cubic } from './curve.ts';
import type { StitchNumber } from '../crossing/index.ts';
import type { CrossPoint } from './shapes.ts';

export interface Strand {
	readonly stitch: StitchNumber;
	readonly curve: Cubic;
}

export interface Piece extends Strand {
	/** Set when it covers another piece. */
	readonly over: boolean;
	/** Pieces of one level never meet, so they may share one gap around them. */
	readonly level: number;
}

export interface Woven {
	/** In painting order, furthest first. */
	readonly pieces: readonly Piece[];
	readonly crossPoints: readonly CrossPoint[];
}

interface Meet {
	readonly upper: number;
	readonly lower: number;
	/** Parameter on each of the two strands, by index. */
	readonly at: ReadonlyMap<number, number>;
}

/**
 * `nearer(a, b)` says whether stitch a lies over stitch b. Quadratic in strands:
 * every pair is looked at for a meeting.
 */
export function weave(strands: readonly Strand[], nearer: (a: StitchNumber, b: StitchNumber) => boolean): Woven {
	const meets: Meet[] = [];
	const crossPoints: CrossPoint[] = [];
	for (let i = 0; i < strands.length; i++) {
		for (let j = i + 1; j < strands.length; j++) {
			const [a, b] = [strands[i]!, strands[j]!];
			if (a.stitch === b.stitch) continue;
			const hit = meeting(a.curve, b.curve);
			if (!hit) continue;
			const aOver = nearer(a.stitch, b.stitch);
			meets.push({ upper: aOver ? i : j, lower: aOver ? j : i, at: new Map([[i, hit.t], [j, hit.u]]) });
			const [upper, lower] = aOver ? [a.stitch, b.stitch] : [b.stitch, a.stitch];
			crossPoints.push({ upper, lower, x: hit.x, y: hit.y });
		}
	}
	const whole = inPaintingOrder(strands, meets.map((m) => [m.lower, m.upper]));
	return { pieces: whole ?? cutPieces(strands, meets), crossPoints };
}

function cutPieces(strands: readonly Strand[], meets: readonly Meet[]): Woven['pieces'] {
	const pieces: Strand[] = [];
	// For each strand, the end parameter and the index of each of its pieces.
	const ends = strands.map((strand, i) => {
		const ts = meets.flatMap((m) => m.at.get(i) ?? []).sort((a, b) => a - b);
		const cuts = ts.slice(1).map((t, k) => (t + ts[k]!) / 2);
		const bounds = [...cuts, 1];
		return bounds.map((end, k) => {
			const start = bounds[k - 1] ?? 0;
			pieces.push({ stitch: strand.stitch, curve: between(strand.curve, start, end) });
			return { end, piece: pieces.length - 1 };
		});
	});
	const pieceAt = (strand: number, t: number): number => ends[strand]!.find((e) => t <= e.end)!.piece;
	const edges = meets.map((m): [number, number] => [
		pieceAt(m.lower, m.at.get(m.lower)!),
		pieceAt(m.upper, m.at.get(m.upper)!),
	]);
	// Each piece meets at most one other, so a ring of pieces cannot arise.
	return inPaintingOrder(pieces, edges)!;
}

/** Sorted so that each piece comes after all that it covers, or `undefined` when they lie in a ring. */
function inPaintingOrder(
	pieces: readonly Strand[],
	edges: readonly (readonly [lower: number, upper: number])[],
): readonly Piece[] | undefined {
	const waitingFor = pieces.map(() => 0);
	const level = pieces.map(() => 0);
	const uppers = pieces.map((): number[] => []);
	for (const [lower, upper] of edges) {
		uppers[lower]!.push(upper);
		waitingFor[upper]! += 1;
	}
	const ready = waitingFor.flatMap((w, i) => (w === 0 ? [i] : []));
	// Grows while it is read: a piece is ready once all that it covers are placed.
	for (const next of ready) {
		for (const upper of uppers[next]!) {
			level[upper] = Math.max(level[upper]!, level[next]! + 1);
			waitingFor[upper]! -= 1;
			if (waitingFor[upper] === 0) ready.push(upper);
		}
	}
	if (ready.length < pieces.length) return undefined;
	return ready
		.map((i): Piece => ({ ...pieces[i]!, over: level[i]! > 0, level: level[i]! }))
		.sort((a, b) => a.level - b.level);
}
