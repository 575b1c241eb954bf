/** Where somebody works: at the needles, whatever is made there, or at a tool that stands before them. */

import { craftOf } from './crafts.ts';
import { CRAFT_IDS, PLAIN_CRAFT, type CraftId } from './titles.ts';

/** Crafts whose tools stand before the worker. */
export const TOOLS = CRAFT_IDS.filter((id) => !craftOf(id).isHanded) as [CraftId, ...CraftId[]];

/** One for all that is made by hand, and one for each tool. */
export const PLACES: [CraftId, ...CraftId[]] = [PLAIN_CRAFT, ...TOOLS];

/** `at the needles`. */
export const placeName = (place: string): string => craftOf(place).place.toLowerCase();
