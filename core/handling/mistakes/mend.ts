/** How a crossing that went wrong is mended, and what that costs. */

import type { Crossing, StitchNumber } from '../../crossing/index.ts';
import type { Sign, SignId } from './signs.ts';

export interface Mend {
	readonly for: SignId;
	readonly what: string;
	readonly stitches: readonly StitchNumber[];
	/** Stitches to be laddered or undone and worked again: stitches × rows. The sooner seen, the cheaper. */
	readonly cost: number;
}

export interface Since {
	/** Whole rows worked since the crossing row. */
	readonly rows: number;
	/** Stitches in a row, for what has to be undone whole; the crossing alone when left out. */
	readonly width?: number;
}

type Reach = 'column' | 'cord' | 'undo' | 'loop';

const MENDS: Readonly<Record<SignId, { readonly what: string; readonly reach: Reach }>> = {
	'leans-wrong': {
		what: 'Ladder that cord down to the crossing, cross it the right way and latch it up; or stitch the look over it when the piece is done.',
		reach: 'cord',
	},
	'order-wrong': { what: 'Ladder that cord down to the crossing and work it in its order.', reach: 'cord' },
	wound: { what: 'Ladder that cord down to the crossing, unwind it and cross it once.', reach: 'cord' },
	kink: { what: 'Undo back to the group and work its stitches in their order.', reach: 'undo' },
	'one-too-many': { what: 'Drop the extra loop on the next row.', reach: 'loop' },
	'one-too-few': { what: 'Find the loop that ran down, and latch it up.', reach: 'column' },
	ladder: { what: 'Catch it with a hook at once, before it runs on, and latch it up.', reach: 'column' },
	twisted: { what: 'Drop that column down to the twist and latch it up.', reach: 'column' },
	bar: { what: 'Undo back to where the yarn went outside, and take it between.', reach: 'undo' },
	bump: { what: 'Drop that stitch and latch it up from the other side.', reach: 'column' },
	smooth: { what: 'Drop that stitch and latch it up from the other side.', reach: 'column' },
	split: { what: 'Undo that stitch and work it through its whole yarn.', reach: 'column' },
	turned: { what: 'On the next row work it through the back loop.', reach: 'loop' },
	'hangs-up': {
		what: 'Undo the stitch, bring its old loop behind the new yarn again, and knit it off once more.',
		reach: 'column',
	},
	locked: { what: 'Undo the row, and hang what waits between the layers.', reach: 'undo' },
	large: { what: 'Pull the slack back into the neighbours, loop by loop.', reach: 'loop' },
	unfinished: { what: 'Work what still waits before going on.', reach: 'loop' },
};

/** What to do about each sign, and its cost after so many rows. Sources: what is laddered or undone, stitch by stitch. */
export function mendsFor(asked: Crossing, signs: readonly Sign[], since: Since): readonly Mend[] {
	const { rows, width = asked.n } = since;
	return signs.map(({ id, stitches }): Mend => {
		const { what, reach } = MENDS[id];
		const cost = {
			column: Math.max(1, stitches.length) * (rows + 1),
			cord: asked.n * (rows + 1),
			undo: width * rows + asked.n,
			loop: Math.max(1, stitches.length) * Math.max(1, rows),
		}[reach];
		return { for: id, what, stitches, cost };
	});
}
