/**
 * The moves of the hands: small, real, and counted the way knitters argue about
 * them. One move is one run of neighbouring loops slipped, held, entered,
 * withdrawn, caught, returned or let off, one stitch worked, or the yarn shifted once.
 */

import type { Side, StitchNumber } from '../crossing/index.ts';
import type { Depth, HolderId, Needle } from './state.ts';

/** From which side a needle goes into loops, or past them. */
export type From = 'front' | 'behind';

export type Move =
	/** Slip `count` loops purlwise (or, turned, knitwise) from the tip of the left needle to a holder and let it hang. */
	| {
			readonly kind: 'hold';
			readonly count: number;
			readonly holder: HolderId;
			readonly side: Side;
			readonly depth?: Depth;
			/** Slipped knitwise: each loop's mount is turned. */
			readonly turned?: boolean;
			/** The holder hangs there already and takes these as well. */
			readonly adds?: boolean;
	  }
	/** Bring a hanging holder to the other side of the needles, or to another depth. */
	| { readonly kind: 'swing'; readonly holder: HolderId; readonly side: Side; readonly depth?: Depth }
	/** Slip `count` loops, unworked, from the left needle to the right one: purlwise, or turned, knitwise. */
	| { readonly kind: 'slip'; readonly count: number; readonly turned?: boolean }
	/** Work one stitch through its front or its back leg. */
	| {
			readonly kind: 'work';
			readonly from: 'left' | HolderId;
			readonly stitch: 'k' | 'p';
			readonly leg: 'front' | 'back';
			/** The second stitch of the left needle is worked past the first, on that side of it; its old loop stays on. */
			readonly past?: From;
			/** The old loop stays on the left needle until it is released. */
			readonly keep?: boolean;
			/** The yarn goes round the short, opposite way: the new loop sits turned. */
			readonly wrap?: 'short';
			/** The needle goes through half of the yarn only. */
			readonly split?: boolean;
			/** The old loop that was kept on the needle last is worked once more: a loop too many. */
			readonly again?: true;
			/** The stitch at the wrong end of the holder. */
			readonly end?: 'far';
	  }
	/** Let the first `count` of the old loops off the left needle that were kept there. */
	| { readonly kind: 'release'; readonly count: number }
	/**
	 * Bring the working yarn between the needles to the other side; `outside`, past a holder that
	 * hangs there; `round`, in a turn about a hanging holder.
	 */
	| { readonly kind: 'yarn'; readonly to: From; readonly outside?: boolean; readonly round?: HolderId }
	/** Put loops, the leftmost first, back on the left needle; `turned`, each the other way about. */
	| { readonly kind: 'return'; readonly from: 'right' | HolderId; readonly count: number; readonly turned?: boolean }
	/** A needle enters `count` loops of the other one purlwise, leaving the `skip` nearest to that one's tip alone. */
	| {
			readonly kind: 'enter';
			readonly needle: Needle;
			readonly skip: number;
			readonly count: number;
			readonly from: From;
	  }
	/** Pinch the base and draw a needle out of the `count` loops at its tip; those that the other one entered stay on that. */
	| { readonly kind: 'withdraw'; readonly needle: Needle; readonly count: number }
	/** Catch loose loops with a needle: the left one takes the leftmost, last stitch first, the right one the rightmost. */
	| { readonly kind: 'recapture'; readonly needle: Needle; readonly count: number; readonly from: From }
	/** Let the first loop of the left needle fall and hang by itself. */
	| { readonly kind: 'drop'; readonly hang: From }
	/** No move but a mishap: a loop slips off what carries it and runs down. */
	| { readonly kind: 'lose'; readonly stitch: StitchNumber };

export type MoveKind = Move['kind'];
export type MoveOf<K extends MoveKind> = Extract<Move, { kind: K }>;
