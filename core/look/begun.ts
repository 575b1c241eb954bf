/** What hands begin with, where a craft lets them try a crossing. */

import type { Craft } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import type { AnyState } from '../handling/index.ts';

/** Where hands begin: with loops on their tool, or with that bare, to cast on first. */
export type BegunWith = 'loops' | 'bare';

/** What a craft begins with; undefined where it is not tried by hand, does not take the crossing, or is not begun so. */
export function begunIn(craft: Craft, asked: Crossing, begun: BegunWith = 'loops'): AnyState | undefined {
	const way = craft.ways[0]!.id;
	const taken = craft.byHand && craft.takes(asked, way);
	if (!taken?.ok) return undefined;
	const start = craft.start(taken.value, asked, way);
	return begun === 'bare' ? craft.byHand?.bare?.(start) : start;
}
