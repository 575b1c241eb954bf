/**
 * Two needles, their holders, and every loop of one crossing: the state of the hands.
 *
 * `loops` runs along the row from right to left: every stitch is in it once, or in `lost`. Its
 * invariant order is: loops on the right needle, then loops that hang between the needles (on a holder, or
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

export const turnedMount = (mount: Mount): Mount => (mount === 'front' ? 'behind' : 'front');

export interface DoneStitch {
	readonly stitch: 'k' | 'p';
	/** Worked through the trailing leg: crossed at the foot of the old loop, for good. */
	readonly twisted: boolean;
	/** Worked through half of its yarn only. */
	readonly split?: boolean;
}

export interface KeptLoop {
	readonly stitch: StitchNumber;
	/** The stitch that it was worked past, which has to come off before it. */
	readonly after?: StitchNumber;
}

/** A strand of the working yarn that lies across stitches on their front or their back. */
export interface Bar {
	readonly side: Side;
	readonly across: readonly StitchNumber[];
}

export interface Loop {
	readonly stitch: StitchNumber;
	readonly on: Carrier;
	/** The other needle, when it has entered the loop as well, and from which side. */
	readonly entered?: { readonly needle: Needle; readonly from: 'front' | 'behind' };
	readonly plane: Plane;
	readonly mount: Mount;
	readonly done?: DoneStitch;
}

export interface HandState {
	readonly tool: 'needles';
	readonly loops: readonly Loop[];
	readonly holders: Readonly<Partial<Record<HolderId, Holder>>>;
	/** Which side of the needles the working yarn is on. */
	readonly yarn: 'front' | 'behind';
	/** The yarn lies outside the holder that hangs on its side, where it does not belong. */
	readonly outside: boolean;
	/** Loops that came into being beside the stitches. */
	readonly extraLoops: number;
	/** Worked stitches whose old loops are still on the left needle, from its tip. */
	readonly kept: readonly KeptLoop[];
	/** Stitches whose loops ran down; they are in no row any more. */
	readonly lost: readonly StitchNumber[];
	readonly bars: readonly Bar[];
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

/** A stitch worked past another goes by it closer than anything else can hang. */
export const pastPlane = (past: 'front' | 'behind', other: Plane): Plane => other + (past === 'front' ? 0.25 : -0.25);

export const holderPlane = ({ side, depth }: Holder): Plane =>
	(side === 'front' ? 1 : -1) * (depth === 'inner' ? 1 : 2);

/** `n` stitches on the left needle, usual mount, the yarn behind. */
export function startState(n: number, mounts: Readonly<Record<number, Mount>> = {}): HandState {
	return {
		tool: 'needles',
		loops: Array.from({ length: n }, (_, i) => ({
			stitch: i + 1,
			on: 'left' as const,
			plane: NEEDLES_PLANE,
			mount: mounts[i + 1] ?? 'front',
		})),
		holders: {},
		yarn: 'behind',
		outside: false,
		extraLoops: 0,
		kept: [],
		lost: [],
		bars: [],
	};
}

export const loopsOn = (state: HandState, carrier: Carrier): readonly Loop[] =>
	state.loops.filter((l) => l.on === carrier);
