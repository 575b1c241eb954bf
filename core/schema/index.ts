export * from './clean.ts';
export * from './crossing.ts';
export * from './design.ts';
export * from './house-style.ts';
export * from './house-style-limits.ts';
export * from './issue.ts';
export * from './kept-picture.ts';
export * from './lenient.ts';
export * from './note.ts';
export { LINKS, type Note, type NoteBlock, type NoteParagraph, type NoteRun } from './note-tree.ts';
export * from './note-text.ts';
export * from './original.ts';
export * from './own-way.ts';
export * from './save.ts';
export * from './swatch.ts';
export * from './upgrade.ts';
export { SwatchSizeSchema, type SwatchSizeTold } from './swatch-size.ts';
export {
	PieceSchema,
	SquareSchema,
	YARN_LIMITS,
	YarnSchema,
	type Yarn,
	type YarnPiece,
	type YarnSquare,
} from './yarn.ts';
