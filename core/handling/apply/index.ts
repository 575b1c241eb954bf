/** One move on one state: the next state, or the reason why hands cannot do it. */

import type { Result } from '../../result.ts';
import type { Move } from '../moves.ts';
import type { HandState } from '../state.ts';
import { giveBack, hold, swing } from './holders.ts';
import { drop, enter, lose, recapture, release, slip, withdraw } from './needles.ts';
import { refuse, type HandApplied } from './row.ts';
import { shiftYarn, work } from './work.ts';

export type { HandApplied } from './row.ts';

/**
 * The state after one move; the state given is never changed. Problem `illegal-move`: what cannot be
 * done, and what to do instead. Linear in the loops times the loops moved.
 */
export function applyMove(state: HandState, move: Move): Result<HandApplied> {
	switch (move.kind) {
		case 'hold':
			return hold(state, move);
		case 'swing':
			return swing(state, move);
		case 'slip':
			return slip(state, move);
		case 'work':
			return work(state, move);
		case 'release':
			return release(state, move);
		case 'yarn':
			return shiftYarn(state, move);
		case 'return':
			return giveBack(state, move);
		case 'enter':
			return enter(state, move);
		case 'withdraw':
			return withdraw(state, move);
		case 'recapture':
			return recapture(state, move);
		case 'drop':
			return drop(state, move);
		case 'lose':
			return lose(state, move);
		default:
			return refuse('That is not a move on two needles.', 'Choose a way for two needles.');
	}
}
