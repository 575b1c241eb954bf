/** Crossings whose yarn is turned about, and where. */

import { PLAIN_CRAFT } from '@pond-loop/core/craft';
import type { Crossing } from '@pond-loop/core/crossing';
import { nameIn } from '@pond-loop/core/notation';
import { addressOf, type StageChoices } from '$lib/choices/address';

/** Stitches of the widest one. */
export const MOST_TURNED_CROSSING = 24;

/** Whether a small swatch of it can be written: it has a name there, and is of plain knitting. */
export const isTurned = (craft: string, crossing: Crossing): boolean =>
	craft === PLAIN_CRAFT && crossing.n <= MOST_TURNED_CROSSING && nameIn('slash', crossing, false) !== undefined;

export const turnAddress = (choices: Partial<StageChoices>): string =>
	addressOf(choices).replace(/^\/stage/, '/stage/turn');
