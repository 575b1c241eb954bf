/**
 * Puts strands that cross in an order in which they can be painted one after
 * another, straight from who lies over whom.
 *
 * Where the strands allow it each is painted whole. Where some lie over each
 * other in a ring, no order of whole strands is right: those, and no others, are
 * cut halfway between their meetings, and the pieces can always be ordered.
 */

import { between, chainOf, meeting, type Cubic } from './curve.ts';
import { inRing } from './rings.ts';
import type { StitchNumber } from '../crossing/index.ts';
import type { CrossPoint } from './shapes.ts';

export interface Strand {
	readonly stitch: StitchNumber;
	readonly curve: Cubic;
}

export interface StrandPiece extends Strand {
	/** Set when it covers another piece. */
	readonly over: boolean;
	/** Pieces of one level never meet, so they may share one gap around them. */
	readonly level: number;
}

export interface Woven {
	/** In painting order, furthest first. */
	readonly pieces: readonly StrandPiece[];
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
	const chains = strands.map((s) => chainOf(s.curve));
	const meets: Meet[] = [];
	const crossPoints: CrossPoint[] = [];
	for (let i = 0; i < strands.length; i++) {
		for (let j = i + 1; j < strands.length; j++) {
			const [a, b] = [strands[i]!, strands[j]!];
			if (a.stitch === b.stitch) continue;
			const hit = meeting(chains[i]!, chains[j]!);
			if (!hit) continue;
			const aOver = nearer(a.stitch, b.stitch);
			meets.push({
				upper: aOver ? i : j,
				lower: aOver ? j : i,
				at: new Map([
					[i, hit.t],
					[j, hit.u],
				]),
			});
			const [upper, lower] = aOver ? [a.stitch, b.stitch] : [b.stitch, a.stitch];
			crossPoints.push({ upper, lower, x: hit.x, y: hit.y });
		}
	}
	const whole = inPaintingOrder(
		strands,
		meets.map((m) => [m.lower, m.upper]),
	);
	return { pieces: whole ?? cutPieces(strands, meets), crossPoints };
}

function cutPieces(strands: readonly Strand[], meets: readonly Meet[]): Woven['pieces'] {
	const ringed = inRing(
		strands.length,
		meets.map((m) => [m.lower, m.upper]),
	);
	const pieces: Strand[] = [];
	/** All pieces of a strand: a whole one goes before or after every one of them. */
	const piecesOf = strands.map((): number[] => []);
	// The piece of each strand in which each meeting lies. One meeting a piece, even
	// where several fall on one point, so that no ring of pieces can arise.
	const pieceOf = strands.map(() => new Map<Meet, number>());
	for (const [i, strand] of strands.entries()) {
		if (!ringed[i]) {
			piecesOf[i]!.push(pieces.length);
			pieces.push(strand);
			continue;
		}
		const own = meets
			.filter((m) => m.at.has(i) && ringed[m.upper] && ringed[m.lower])
			.sort((a, b) => a.at.get(i)! - b.at.get(i)!);
		const ts = own.map((m) => m.at.get(i)!);
		const bounds = [0, ...ts.slice(1).map((t, k) => (t + ts[k]!) / 2), 1];
		for (let k = 0; k + 1 < bounds.length; k++) {
			const meet = own[k];
			if (meet) pieceOf[i]!.set(meet, pieces.length);
			piecesOf[i]!.push(pieces.length);
			pieces.push({ stitch: strand.stitch, curve: between(strand.curve, bounds[k]!, bounds[k + 1]!) });
		}
	}
	const edges = meets.flatMap((m): [number, number][] => {
		const [lower, upper] = [pieceOf[m.lower]!.get(m), pieceOf[m.upper]!.get(m)];
		if (lower !== undefined && upper !== undefined) return [[lower, upper]];
		return piecesOf[m.lower]!.flatMap((a) => piecesOf[m.upper]!.map((b): [number, number] => [a, b]));
	});
	return inPaintingOrder(pieces, edges)!;
}

/** Sorted so that each piece comes after all that it covers, or `undefined` when they lie in a ring. */
function inPaintingOrder(
	pieces: readonly Strand[],
	edges: readonly (readonly [lower: number, upper: number])[],
): readonly StrandPiece[] | undefined {
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
		.map((i): StrandPiece => ({ ...pieces[i]!, over: level[i]! > 0, level: level[i]! }))
		.sort((a, b) => a.level - b.level);
}
