export { STITCH_KINDS, type StitchKind } from './stitches.ts';
export type { Fabric } from './fabrics.ts';
export type { Fix, Item, RowProblem } from './items.ts';
export type { Until } from './until.ts';
export { readingRows, readRows, type RowsContext } from './lines.ts';
export type { RepeatLine, RowColour, RowLine, RowSide, RowsText } from './rows-text.ts';
export { ROWS_LIMITS } from './limits.ts';
export { parser as rowsParser } from './rows.parser.js';
export { ROW_CALLED } from './unread.ts';
