/** What a search may use, and what it is to keep small. */

/** What can be forbidden besides the working of stitches: hands that never do one of these. */
export const SEARCH_MOVES = [
	'hold',
	'add',
	'swing',
	'return',
	'off-holder',
	'slip',
	'enter',
	'withdraw',
	'drop',
	'past',
] as const;
/** `add`: slipping more stitches to a holder that hangs already. `off-holder`: working straight off a holder. `past`: working the second stitch past the first. */
export type SearchMove = (typeof SEARCH_MOVES)[number];

export const SEARCH_AIMS = ['moves', 'loose', 'yarn', 'tools'] as const;
/** Fewest moves; loose loops × moves; yarn shifts; holders. Ties go to fewer moves, then to fewer loops loose. */
export type SearchAim = (typeof SEARCH_AIMS)[number];

export interface SearchLimits {
	readonly holders: 0 | 1 | 2;
	/** Most stitches on no tool at one moment. */
	readonly loose: number;
	readonly allow: readonly SearchMove[];
	readonly least: SearchAim;
	/** Positions looked at in each of its parts before it gives up proving; what it has by then is not proved the best. */
	readonly budget: number;
}

export const DEFAULT_LIMITS: SearchLimits = {
	holders: 2,
	loose: 0,
	allow: SEARCH_MOVES,
	least: 'moves',
	budget: 8_000,
};
