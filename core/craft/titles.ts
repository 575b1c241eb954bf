/** What crafts are called, in the order in which they are taught: known without any of them at hand. */

export const CRAFT_TITLES = {
	hand: 'Plain knitting',
	twisted: 'Twisted',
	slipped: 'Slipped',
	brioche: 'Brioche',
	'double-knit': 'Double-knit',
	loom: 'Loom',
	machine: 'Machine',
} as const;

export type CraftId = keyof typeof CRAFT_TITLES;
export const CRAFT_IDS = Object.keys(CRAFT_TITLES) as [CraftId, ...CraftId[]];

export const isCraft = (id: string): id is CraftId => Object.hasOwn(CRAFT_TITLES, id);

/** Knitting by hand, which is meant where no craft is named. */
export const PLAIN_CRAFT = 'hand' satisfies CraftId;
