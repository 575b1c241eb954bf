import type { Crossing } from '../crossing/index.ts';
import type { Craft, Way } from './craft.ts';

/** The ways of a craft that make this crossing, most preferred first; none when the craft has no plan for it. */
export const waysFor = (craft: Craft, c: Crossing): readonly Way[] => craft.ways.filter((w) => craft.plan(c, w.id).ok);
