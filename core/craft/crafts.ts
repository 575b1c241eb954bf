/** All crafts, in the order in which they are taught. */

import { brioche } from './brioche/index.ts';
import type { Craft, CraftId } from './craft.ts';
import { doubleKnit } from './double-knit/index.ts';
import { hand } from './hand/index.ts';
import { loom } from './loom/index.ts';
import { machine } from './machine/index.ts';
import { slipped } from './slipped/index.ts';
import { twisted } from './twisted/index.ts';

const BY_ID: Readonly<Record<CraftId, Craft>> = {
	hand,
	twisted,
	slipped,
	brioche,
	'double-knit': doubleKnit,
	loom,
	machine,
};

export const CRAFTS: readonly Craft[] = Object.values(BY_ID);

export const craftOf = (id: CraftId): Craft => BY_ID[id];
