import type { Crossing } from '../crossing/index.ts';
import type { AnyMove } from '../handling/index.ts';
import type { Result } from '../result.ts';
import type { Craft, Way } from './craft.ts';

/** The moves of a craft for this crossing; a problem when the craft does not take it, or the way does not make it. */
export function planIn(craft: Craft, c: Crossing, way: string): Result<readonly AnyMove[]> {
	const taken = craft.takes(c, way);
	return taken.ok ? craft.plan(taken.value, c, way) : taken;
}

/** The ways of a craft that make this crossing, most preferred first; none when the craft has no plan for it. */
export const waysFor = (craft: Craft, c: Crossing): readonly Way[] =>
	craft.ways.filter((w) => planIn(craft, c, w.id).ok);
