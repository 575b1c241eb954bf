/** From what somebody sees in a piece to what is likely to have happened, and how to fix it. */

export type { Cause, Piece } from './cause.ts';
export { causesOf } from './causes.ts';
export { isAround, looksIn, SEEN, type SeenId } from './seen.ts';
