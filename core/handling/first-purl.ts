/** How the first purl after a cord is worked: as any other; the short way in RS rows; or in all rows. */
export const FIRST_PURLS = ['usual', 'short', 'short-both'] as const;
/** What becomes of it in the row after: worked through the back loop, or as it sits. */
export const TURNED_PURLS = ['untwist', 'leave'] as const;
