export { STITCH_KINDS, type StitchKind } from './stitches.ts';
export type { Fix, Item, RowProblem, Until } from './items.ts';
export {
	MAX_ROWS_LENGTH,
	readRows,
	type RepeatLine,
	type RowColour,
	type RowLine,
	type RowsContext,
	type RowSide,
	type RowsText,
} from './lines.ts';
export { parser as rowsParser } from './rows.parser.js';
