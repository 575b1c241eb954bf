import type { LRParser } from '@lezer/lr';

/** Generated from sentence.grammar by `npm run prepare`. */
export const parser: LRParser;
