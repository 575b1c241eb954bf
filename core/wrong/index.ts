/** From what somebody sees in a piece to what is likely to have happened, and how to fix it. */

export { causesOf, type Cause, type Piece } from './causes.ts';
export { isAround, looksIn, SEEN, type SeenId } from './seen.ts';
