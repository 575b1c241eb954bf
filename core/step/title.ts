/** What a step about a crossing is called: the pattern's own name first, then what it looks like. */

import { craftOf, PLAIN_CRAFT, type CraftId } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import { craftIn, nameInHands, shownIn } from '../look/index.ts';
import { wordsFor, type SchoolId } from '../notation/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { ownName, patternName } from './own-name.ts';

export interface Titled {
	readonly asked: { readonly text: string; readonly school: SchoolId };
	readonly crossing: Crossing;
	readonly craft: CraftId;
}

/** `C4F · 2 over 2, leaning left`; in left hands for the same fabric with the name that these hands go by. */
export function crossingTitle(step: Titled, style?: HouseStyle): string {
	const { crossing, craft } = step;
	const shown = style && shownIn(style, crossing, craftIn(style, craft));
	const name = patternName(step);
	const other = shown && ownName(step) === undefined && nameInHands(style, step.asked.school, crossing, shown);
	const before = name === undefined ? '' : `${name}${other ? ` (${other} in your hands)` : ''} · `;
	const what = wordsFor(shown?.fabric ?? crossing).title;
	return `${before}${what}${craft === PLAIN_CRAFT ? '' : `, ${craftOf(craft).title.toLowerCase()}`}`;
}
