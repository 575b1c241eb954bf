/** What is done at the bed: one group, one setting or one row a move. */

import type { StitchNumber } from '../../crossing/index.ts';
import type { NeedlePosition, TransferTool } from './state.ts';

export type BedMove =
	/** Wind the first loop round a bare needle. */
	| { readonly kind: 'cast-on'; readonly needle: number }
	/** Lift the loops of neighbouring needles on the prongs of a transfer tool. */
	| {
			readonly kind: 'pick-up';
			readonly tool: TransferTool;
			readonly prongs: number;
			readonly needle: number;
			readonly count: number;
	  }
	/** Put the loops of a tool on needles, its first loop on this one. */
	| { readonly kind: 'put-down'; readonly tool: TransferTool; readonly needle: number }
	/** Push needles forward, back into work, or out of it. */
	| { readonly kind: 'place'; readonly needle: number; readonly count: number; readonly to: NeedlePosition }
	| { readonly kind: 'holding'; readonly on: boolean }
	| { readonly kind: 'tension'; readonly number: number }
	| { readonly kind: 'weights'; readonly on: boolean }
	/** Take the carriage across, slowly. */
	| { readonly kind: 'row' }
	/** Let the stitch of a needle down; pinched where it must stop, or not. */
	| { readonly kind: 'ladder'; readonly needle: number; readonly pinched: boolean }
	/** Bring a let-down stitch up again from the other side, rung by rung. */
	| { readonly kind: 'latch-up'; readonly needle: number }
	/** No move but a mishap: a loop falls off a tool or a needle and runs down. */
	| { readonly kind: 'fall'; readonly stitch: StitchNumber };

export type BedMoveKind = BedMove['kind'];
