import type { LRParser } from '@lezer/lr';

/** Generated from names.grammar by `npm run prepare`. */
export const parser: LRParser;
