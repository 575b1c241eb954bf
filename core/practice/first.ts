/** What is taught first, and what is mixed up most: for practice without a lesson. */

import type { Crossing } from '../crossing/index.ts';
import { readName } from '../notation/index.ts';

const NAMES = ['1/1 RC', '1/1 LC', '2/2 RC', '2/2 LC', '2/1 RC', '2/1 LC', '2/1 RPC', '2/1 LPC', '3/3 RC', '3/3 LC'];

export const FIRST_CROSSINGS: readonly Crossing[] = NAMES.flatMap((name) => {
	const read = readName(name, 'slash');
	return read.ok ? [read.crossing] : [];
});
