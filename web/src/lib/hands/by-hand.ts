/** Which crossings are tried with one's own hands, and where. */

import { type Craft, PLAIN_CRAFT } from '@pond-loop/core/craft';
import type { Crossing } from '@pond-loop/core/crossing';
import { begunIn } from '@pond-loop/core/look';
import { addressOf, type StageChoices } from '$lib/choices/address';

/** Stitches up to which a crossing is tried by hand: as many as stand on the needles in one picture. */
export const MOST_BY_HAND = 12;

/** Whether a craft that takes a crossing lets it be tried by hand. */
export const isTriedByHand = (craft: Craft, crossing: Crossing): boolean =>
	// Needles take every crossing; what is at hand of them may be their taught ways alone.
	crossing.n <= MOST_BY_HAND && (craft.id === PLAIN_CRAFT || begunIn(craft, crossing) !== undefined);

/** Where what stands on the stage is tried. */
export const byHandAddress = (choices: Partial<StageChoices>): string =>
	addressOf(choices).replace('/stage', '/stage/own');

/** In an address: hands begin with nothing cast on. */
export const BARE = 'bare';
