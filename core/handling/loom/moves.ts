/** What is done at a loom: one loop, one wrap or one tug a move. */

import type { StitchNumber } from '../../crossing/index.ts';
import type { ParkSide, ParkTool } from './state.ts';

export type LoomMove =
	/** Lay the first loop round a bare peg. */
	| { readonly kind: 'cast-on'; readonly peg: number }
	/** Lift the loop of a peg off and let it hang somewhere. */
	| { readonly kind: 'park'; readonly peg: number; readonly side: ParkSide; readonly by: ParkTool }
	/** Bring a loop from its peg to a free one; `hooked`, over one side of that only. */
	| { readonly kind: 'shift'; readonly from: number; readonly to: number; readonly hooked?: boolean }
	/** Put a parked loop on a free peg. */
	| { readonly kind: 'seat'; readonly stitch: StitchNumber; readonly to: number; readonly hooked?: boolean }
	/** Pull loops level: what they borrowed on their way goes back to their neighbours. */
	| { readonly kind: 'tug'; readonly peg: number; readonly count: number }
	/** Lay the working yarn round pegs, from the one where the row has come to. */
	| { readonly kind: 'wrap'; readonly peg: number; readonly count: number }
	/** Lift the old loop over the wrap: the stitch is knitted off. */
	| { readonly kind: 'lift-over'; readonly peg: number }
	/** Draw the yarn up through the loop from below and put that on the peg: a purl. */
	| { readonly kind: 'draw-up'; readonly peg: number }
	/** Knit off the stitch beyond the crossing. */
	| { readonly kind: 'beyond' }
	/** No move but a mishap: a loop slips off and runs down. */
	| { readonly kind: 'slip-off'; readonly stitch: StitchNumber };

export type LoomMoveKind = LoomMove['kind'];
