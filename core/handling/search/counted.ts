/**
 * Which moves of the simulator count as moves of hands when it is said that nothing does better. Held: slipping
 * on a new holder or one that hangs already, purlwise; bringing a holder to any other place; putting back any
 * number from a holder or the right needle; slipping; drawing a needle out of loops, which then hang loose, entering some
 * of them with the other needle before that, letting the first loop fall, catching loose ones from either side; knitting or purling the next stitch of the left needle or
 * a holder; knitting the second stitch past the first in front, through the front leg, or behind it through the
 * back one. What the simulator lets be done besides is left out: it is a mistake (the wrong end of a holder,
 * half of the yarn, the yarn on the wrong side), changes nothing that is counted (a loop turned on the way), or is
 * in nobody's hands (a purl worked past a stitch, a front leg reached from behind another stitch).
 */

import type { Move } from '../moves.ts';

/** Whether a move counts; those that let loops hang loose only do where that is allowed. */
export function counts(move: Move): boolean {
	switch (move.kind) {
		case 'hold':
		case 'slip':
		case 'return':
			return !move.turned;
		case 'swing':
		case 'release':
		case 'yarn':
		case 'enter':
		case 'withdraw':
		case 'recapture':
		case 'drop':
			return true;
		case 'work':
			if (move.split || move.end || move.wrap) return false;
			return move.past === undefined || (move.stitch === 'k' && (move.leg === 'front') === (move.past === 'front'));
		case 'lose':
			return false;
	}
}
