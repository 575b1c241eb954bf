/**
 * Two needles, their holders, and every loop of one crossing: the state of the hands.
 *
 * `loops` runs along the row from right to left. Its invariant order is: loops
 * on the right needle, then loops that hang between the needles (on a holder, or
 * loose), then loops on the left needle. A loop's index is its place in the row,
 * so two loops change order exactly when their indices do.
 *
 * Everything is plain data: a state is JSON as it stands.
 */

import type { Side, StitchNumber } from '../crossing/index.ts';

export type Needle = 'left' | 'right';
export type HolderId = 'holder-1' | 'holder-2';
export type Carrier = Needle | HolderId | 'loose';

/** Of two holders on one side, the inner hangs next to the needles. */
export type Depth = 'inner' | 'outer';

export interface Holder {
	readonly side: Side;
	readonly depth: Depth;
}

/** Where the leading leg of a loop lies: in front of its needle is the usual mount. */
export type Mount = 'front' | 'behind';

export interface Done {
	readonly stitch: 'k' | 'p';
	/** Worked through the trailing leg: crossed at the foot of the old loop, for good. */
	readonly twisted: boolean;
}

export interface Loop {
	readonly stitch: StitchNumber;
	readonly on: Carrier;
	/** The other needle, when it has entered the loop as well, and from which side. */
	readonly entered?: { readonly needle: Needle; readonly from: 'front' | 'behind' };
	readonly plane: Plane;
	readonly mount: Mount;
	readonly done?: Done;
}

export interface HandState {
	readonly loops: readonly Loop[];
	readonly holders: Readonly<Partial<Record<HolderId, Holder>>>;
	/** Which side of the needles the working yarn is on; never outside a hanging holder. */
	readonly yarn: 'front' | 'behind';
	/** Loops that came into being beside the stitches. */
	readonly extraLoops: number;
}

/**
 * Distance from the needles towards the viewer, in steps of one holder: front
 * holders are positive, back holders negative. Source: the order outer front,
 * inner front, needles, inner back, outer back in which the tools hang.
 */
export type Plane = number;

export const NEEDLES_PLANE: Plane = 0;

/**
 * A needle that entered its loops from the front carries them nearer than the
 * loops then loose, from behind further away; always by less than a holder's step.
 */
export const carriedPlane = (from: 'front' | 'behind', loosePlane: Plane): Plane =>
	loosePlane + (from === 'front' ? 0.5 : -0.5);

export const holderPlane = ({ side, depth }: Holder): Plane =>
	(side === 'front' ? 1 : -1) * (depth === 'inner' ? 1 : 2);

/** `n` stitches on the left needle, usual mount, the yarn behind. */
export function startState(n: number, mounts: Readonly<Record<number, Mount>> = {}): HandState {
	return {
		loops: Array.from({ length: n }, (_, i) => ({
			stitch: i + 1,
			on: 'left' as const,
			plane: NEEDLES_PLANE,
			mount: mounts[i + 1] ?? 'front',
		})),
		holders: {},
		yarn: 'behind',
		extraLoops: 0,
	};
}

export const loopsOn = (state: HandState, carrier: Carrier): readonly Loop[] =>
	state.loops.filter((l) => l.on === carrier);
