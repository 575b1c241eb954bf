/** What a way by hand is made of. The group at the tip is the one that waits: in front it will lean left, at the back right. */

import type { Crossing, StitchNumber, ThreeGroups, TwoGroups } from '../../../crossing/index.ts';
import type { HolderId, Move } from '../../../handling/index.ts';
import type { Way } from '../../craft.ts';
import type { ToWork } from '../yarn.ts';

export interface HandWay extends Way {
	/** The moves for two groups, or for three; absent when the way does not make such, `undefined` when not these. */
	readonly two?: (c: Crossing, g: TwoGroups) => readonly Move[] | undefined;
	readonly three?: (c: Crossing, g: ThreeGroups) => readonly Move[] | undefined;
	/** What it makes instead of the crossing asked for, and why; `undefined` when it makes exactly that. */
	readonly deviates?: (c: Crossing) => { readonly makes: Crossing; readonly says: string } | undefined;
}

export const HOLDER: HolderId = 'holder-1';
export const SECOND: HolderId = 'holder-2';

export const takenFrom = (stitches: readonly StitchNumber[], place: ToWork['from']): readonly ToWork[] =>
	stitches.map((stitch) => ({ stitch, from: place }));

/** Where the yarn is after the shift that was wanted first, if any. */
export const yarnAfter = (moves: readonly Move[]): 'front' | 'behind' => (moves.length > 0 ? 'front' : 'behind');
