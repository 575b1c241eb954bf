/** What is seen with a question, as pictures but for charts; each with words for who does not see it, and as hard. */

import { turn, type Crossing } from '../crossing/index.ts';
import type { Drawing, Light } from '../drawing/index.ts';
import { ribbonOf } from '../made/index.ts';
import { inStrands } from './crossings.ts';
import type { QuestionPicture } from './question.ts';

/** A picture that says no more than what is seen. */
export const drawnCrossing = (c: Crossing, side: 'RS' | 'WS', light: Light): Drawing => ({
	...ribbonOf(side === 'RS' ? c : turn(c), { light }),
	label: inStrands(c, side),
});

/** What is seen, in words. */
export function shownSaid(shown: QuestionPicture | undefined): readonly string[] {
	switch (shown?.kind) {
		case 'fabric':
			return [inStrands(shown.crossing, shown.side)];
		case 'chart':
			return [shown.says];
		case 'lines':
			return shown.lines;
		default:
			return [];
	}
}
