/** All crafts themselves. */

import { brioche } from './brioche/index.ts';
import type { Craft } from './craft.ts';
import { doubleKnit } from './double-knit/index.ts';
import { hand } from './hand/index.ts';
import { loom } from './loom/index.ts';
import { machine } from './machine/index.ts';
import { slipped } from './slipped/index.ts';
import { CRAFT_IDS, isCraft, PLAIN_CRAFT, type CraftId } from './titles.ts';
import { twisted } from './twisted/index.ts';

/** A craft is a folder here, a title and a line in this list; everything else asks it for what it needs. */
const BY_ID = {
	hand,
	twisted,
	slipped,
	brioche,
	'double-knit': doubleKnit,
	loom,
	machine,
} as const satisfies Readonly<Record<CraftId, Craft>>;

export const CRAFTS: readonly Craft[] = CRAFT_IDS.map((id) => BY_ID[id]);

/** Throws a RangeError when there is no such craft: ids are checked where documents are read. */
export function craftOf(id: string): Craft {
	if (!isCraft(id)) throw new RangeError(`There is no craft called “${id}”.`);
	return BY_ID[id];
}

/** The id of a craft as documents keep it. */
export function craftId({ id }: Craft): CraftId {
	if (!isCraft(id)) throw new RangeError(`There is no craft called “${id}”.`);
	return id;
}

/** The craft that a sentence is said of by its words; plain knitting where they tell none. */
export const craftSpeaking = (text: string): CraftId =>
	CRAFT_IDS.find((id) => craftOf(id).speaks?.test(text)) ?? PLAIN_CRAFT;
