/** The mistakes that a step can be made with on purpose. */

import type { Craft } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import { sitesOf, type Mistake } from '../handling/index.ts';
import { perform } from '../made/index.ts';

/** Those that hands can make in this crossing, made this way, the commonest first. */
export function mistakesFor(craft: Craft, made: Crossing, way: string): readonly Mistake[] {
	const done = perform(craft, made, way);
	return done.ok ? craft.mistakes.filter((mistake) => sitesOf(mistake, done.value.trace).length > 0) : [];
}
