/** The rest of a crossing, worked as it stands: what the fabric will be if nothing else is done. */

import type { Work } from '../crossing/index.ts';
import { applyMove } from './apply/index.ts';
import { fromTip } from './apply/needles.ts';
import type { Move } from './moves.ts';
import { loopsOn, type HandState, type Loop } from './state.ts';

/** Moves for each loop after which it is given up; every loop is worked, and put back at most once before. */
const MOST_EACH = 8;

/**
 * The moves that finish from a state: needles drawn out of loops that both are in, old loops let off, what hangs
 * loose or was slipped put back, then the left needle in its order, then what waits on holders. Open stitches are
 * worked through their leading leg. Linear in loops squared.
 */
export function asItStands(from: HandState, work: readonly Work[]): readonly Move[] {
	const moves: Move[] = [];
	let state = from;
	for (let i = 0; i < MOST_EACH * (from.loops.length + 1); i++) {
		const move = next(state, work);
		const done = move && applyMove(state, move);
		if (!move || !done?.ok) break;
		moves.push(move);
		state = done.value.state;
	}
	return moves;
}

function next(state: HandState, work: readonly Work[]): Move | undefined {
	for (const needle of ['left', 'right'] as const) {
		const last = fromTip(state, needle).findLastIndex((l) => l.entered);
		if (last >= 0) return { kind: 'withdraw', needle, count: last + 1 };
	}
	const [kept] = state.kept;
	const left = loopsOn(state, 'left');
	if (kept && (kept.after === undefined || left[0]?.stitch !== kept.after)) return { kind: 'release', count: 1 };
	// Nothing else goes while an old loop waits for the stitch before it.
	if (kept && left[0]) return worked(state, left[0], work[left[0].stitch - 1] ?? 'k');
	const loose = loopsOn(state, 'loose');
	if (loose.length > 0) return { kind: 'recapture', needle: 'left', count: loose.length, from: 'front' };
	const slipped = loopsOn(state, 'right').filter((l) => !l.done);
	if (slipped.length > 0) return { kind: 'return', from: 'right', count: slipped.length };
	const waiting = left[0] ?? state.loops.find((l) => l.on === 'holder-1' || l.on === 'holder-2');
	return waiting ? worked(state, waiting, work[waiting.stitch - 1] ?? 'k') : undefined;
}

function worked(state: HandState, { on, mount }: Loop, work: Work): Move {
	const stitch = work.startsWith('p') ? 'p' : 'k';
	const wanted = stitch === 'k' ? 'behind' : 'front';
	if (state.yarn !== wanted) return { kind: 'yarn', to: wanted };
	const [leading, trailing] = mount === 'front' ? (['front', 'back'] as const) : (['back', 'front'] as const);
	return {
		kind: 'work',
		from: on === 'left' ? 'left' : (on as 'holder-1' | 'holder-2'),
		stitch,
		leg: work.endsWith('tbl') ? trailing : leading,
	};
}
