/** Which crossings are tried with one's own hands, and where. */

import { PLAIN_CRAFT } from '@pond-loop/core/craft';
import type { Crossing } from '@pond-loop/core/crossing';
import { addressOf, type StageChoices } from '$lib/choices/choices';

/** Stitches up to which a crossing is tried by hand: as many as stand on the needles in one picture. */
export const MOST_BY_HAND = 12;

export const isTriedByHand = (craft: string, { n }: Pick<Crossing, 'n'>): boolean =>
	craft === PLAIN_CRAFT && n <= MOST_BY_HAND;

/** Where what stands on the stage is tried. */
export const byHandAddress = (choices: Partial<StageChoices>): string =>
	addressOf(choices).replace('/stage', '/stage/own');
