/**
 * The moves of the hands: small, real, and counted the way knitters argue about
 * them. One move is one run of neighbouring loops slipped, held, entered,
 * withdrawn, recaptured or returned, one stitch worked, or the yarn shifted once.
 */

import type { Side } from '../crossing/index.ts';
import type { Depth, HolderId } from './state.ts';

export type Move =
	/** Slip `count` loops purlwise from the tip of the left needle to a holder and let it hang. */
	| {
			readonly kind: 'hold';
			readonly count: number;
			readonly holder: HolderId;
			readonly side: Side;
			readonly depth?: Depth;
	  }
	/** Work one stitch, off the left needle or straight off a holder, through its front or its back leg. */
	| {
			readonly kind: 'work';
			readonly from: 'left' | HolderId;
			readonly stitch: 'k' | 'p';
			readonly leg: 'front' | 'back';
	  }
	/** Bring the working yarn between the needles to the other side. */
	| { readonly kind: 'yarn'; readonly to: 'front' | 'behind' }
	/** Put loops, the leftmost first, back on the left needle. */
	| { readonly kind: 'return'; readonly from: 'right' | HolderId; readonly count: number }
	/** The right needle enters `count` loops purlwise, leaving the first `skip` alone. */
	| { readonly kind: 'enter'; readonly skip: number; readonly count: number; readonly from: 'front' | 'behind' }
	/** Pinch the base and draw the left needle out of its first `count` loops. */
	| { readonly kind: 'withdraw'; readonly count: number }
	/** Catch the loose loops with the left needle, last stitch first. */
	| { readonly kind: 'recapture'; readonly count: number; readonly from: 'front' | 'behind' };

export type MoveKind = Move['kind'];
