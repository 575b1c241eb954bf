/** Where the working yarn has to be: behind the needles to knit, in front of them to purl. */

import type { Crossing, StitchNumber } from '../../crossing/index.ts';
import type { HolderId, Move } from '../../handling/index.ts';

type YarnSide = 'front' | 'behind';

export interface ToWork {
	readonly stitch: StitchNumber;
	readonly from: 'left' | HolderId;
}

const wantedFor = (c: Crossing, stitch: StitchNumber): YarnSide =>
	c.work[stitch - 1]!.startsWith('p') ? 'front' : 'behind';

/** The yarn shift wanted before the first loop is touched, when the first stitch worked is a purl. */
export function yarnFirst(c: Crossing): readonly Move[] {
	return wantedFor(c, c.order[0]!) === 'front' ? [{ kind: 'yarn', to: 'front' }] : [];
}

/** Works stitches one after another, shifting the yarn only where knit meets purl. */
export function workInTurn(
	c: Crossing,
	stitches: readonly ToWork[],
	yarnNow: YarnSide,
): { readonly moves: Move[]; readonly yarn: YarnSide } {
	const moves: Move[] = [];
	let yarn = yarnNow;
	for (const { stitch, from } of stitches) {
		const wanted = wantedFor(c, stitch);
		if (wanted !== yarn) moves.push({ kind: 'yarn', to: wanted });
		yarn = wanted;
		const work = c.work[stitch - 1]!;
		moves.push({
			kind: 'work',
			from,
			stitch: work.startsWith('p') ? 'p' : 'k',
			leg: work.endsWith('tbl') ? 'back' : 'front',
		});
	}
	return { moves, yarn };
}
