export { STITCH_KINDS, type StitchKind } from './stitches.ts';
export type { Fabric } from './fabrics.ts';
export type { Fix, Item, RowProblem, Until } from './items.ts';
export {
	readingRows,
	readRows,
	type RepeatLine,
	type RowColour,
	type RowLine,
	type RowsContext,
	type RowSide,
	type RowsText,
} from './lines.ts';
export { ROWS_LIMITS } from './limits.ts';
export { parser as rowsParser } from './rows.parser.js';
export { ROW_CALLED } from './unread.ts';
