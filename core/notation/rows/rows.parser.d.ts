import type { LRParser } from '@lezer/lr';

/** Generated from rows.grammar by `npm run prepare`. */
export const parser: LRParser;
