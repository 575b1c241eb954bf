/** Ways of changing a procedure in one place so that the moves after it still mean the same stitches. */

import type { StitchNumber } from '../../crossing/index.ts';
import type { From, Move } from '../moves.ts';
import { loopsOn } from '../state.ts';
import { stateAt } from '../run.ts';
import type { Trace } from '../trace.ts';
import { movesIn, type BedSite as AnySite } from './mistake.ts';

type ChangeSite = AnySite<Move>;

/** The same moves with one of them made otherwise, or more than one in its place. */
export const changed = (trace: Trace, index: number, ...instead: readonly Move[]): ChangeSite => ({
	at: index + 1,
	moves: movesIn(trace).flatMap((move, i) => (i === index ? instead : [move])),
});

/** A site for each move that can be made otherwise. */
export const eachMove = (
	trace: Trace,
	otherwise: (move: Move, index: number) => Move | undefined,
): readonly ChangeSite[] =>
	trace.steps.flatMap(({ move }, i) => {
		const instead = otherwise(move, i);
		return instead ? [changed(trace, i, instead)] : [];
	});

export const otherFrom = (from: From): From => (from === 'front' ? 'behind' : 'front');

/** The moves with the yarn brought where each stitch needs it, and nowhere else. */
export function withYarn(moves: readonly Move[]): readonly Move[] {
	let yarn: From = 'behind';
	return moves.flatMap((move): Move[] => {
		if (move.kind === 'yarn') return [];
		if (move.kind !== 'work') return [move];
		const wanted: From = move.stitch === 'k' ? 'behind' : 'front';
		const shift: Move[] = wanted === yarn ? [] : [{ kind: 'yarn', to: wanted }];
		yarn = wanted;
		return [...shift, move];
	});
}

/** The moves after the stitch was lost at the end of move `index`: each handles what is left of its stitches, or falls away. */
export function withoutStitch(trace: Trace, index: number, stitch: StitchNumber): ChangeSite {
	const after = trace.steps.slice(index + 1).flatMap(({ move, stitches }, i): Move[] => {
		const left = stitches.filter((s) => s !== stitch);
		if (stitches.length > 0 && left.length === 0) return [];
		if (move.kind === 'enter') {
			const before = stateAt(trace, index + 1 + i);
			const there = loopsOn(before, move.needle === 'right' ? 'left' : 'right').filter((l) => !l.done);
			const fromTip = move.needle === 'right' ? there : [...there].reverse();
			const skipped = fromTip.slice(0, move.skip).some((l) => l.stitch === stitch);
			return [{ ...move, count: left.length, skip: move.skip - (skipped ? 1 : 0) }];
		}
		return 'count' in move ? [{ ...move, count: left.length }] : [move];
	});
	return {
		at: index + 1,
		moves: [...movesIn(trace).slice(0, index + 1), { kind: 'lose', stitch }, ...after],
	};
}
