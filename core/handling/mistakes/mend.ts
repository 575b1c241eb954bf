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
	/** What a run stitch is worked up with; a crochet hook when left out. */
	readonly hook?: string | undefined;
}

const HOOK = 'crochet hook';

type Reach = 'column' | 'cord' | 'undo' | 'loop';

const MENDS: Readonly<Record<SignId, { readonly what: string; readonly reach: Reach }>> = {
	'leans-wrong': {
		what: 'Drop only these stitches down to the crossing, cross them the right way and work them up with a crochet hook. Or duplicate stitch over it when the piece is done.',
		reach: 'cord',
	},
	'order-wrong': {
		what: 'Drop only these stitches down to the crossing, and work them in their order.',
		reach: 'cord',
	},
	wound: { what: 'Drop only these stitches down to the crossing, unwind them and cross them once.', reach: 'cord' },
	kink: { what: 'Undo back to that group and work its stitches in their order.', reach: 'undo' },
	'one-too-many': { what: 'Drop the extra loop on the next row.', reach: 'loop' },
	'one-too-few': { what: 'Find the dropped stitch, and work it up with a crochet hook.', reach: 'column' },
	ladder: { what: 'Catch it with a crochet hook at once, before it runs further, and work it up.', reach: 'column' },
	twisted: { what: 'Drop that stitch down to the twist, and work it up with a crochet hook.', reach: 'column' },
	bar: { what: 'Undo back to where the yarn went outside, and bring it between the needles.', reach: 'undo' },
	bump: { what: 'Drop that stitch, and work it up with a crochet hook from the other side.', reach: 'column' },
	smooth: { what: 'Drop that stitch, and work it up with a crochet hook from the other side.', reach: 'column' },
	split: { what: 'Undo that stitch, and work it again through all of its yarn.', reach: 'column' },
	turned: { what: 'On the next row work it through the back loop.', reach: 'loop' },
	'hangs-up': {
		what: 'Undo the stitch, bring its old loop behind the new yarn, and knit it off again.',
		reach: 'column',
	},
	locked: { what: 'Undo the row, and hang the group between the layers.', reach: 'undo' },
	large: { what: 'Ease the slack into the neighbours, stitch by stitch.', reach: 'loop' },
	unfinished: { what: 'Work the stitches that are left before you go on.', reach: 'loop' },
};

/** What to do about each sign, and its cost after so many rows. Sources: what is laddered or undone, stitch by stitch. */
export function mendsFor(asked: Crossing, signs: readonly Sign[], since: Since): readonly Mend[] {
	const { rows, width = asked.n, hook = HOOK } = since;
	return signs.map(({ id, stitches }): Mend => {
		const { reach } = MENDS[id];
		const what = MENDS[id].what.replace(HOOK, hook);
		const cost = {
			column: Math.max(1, stitches.length) * (rows + 1),
			cord: asked.n * (rows + 1),
			undo: width * rows + asked.n,
			loop: Math.max(1, stitches.length) * Math.max(1, rows),
		}[reach];
		return { for: id, what, stitches, cost };
	});
}
