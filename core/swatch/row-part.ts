/** One thing that is done in a row, said aloud. */
export interface RowPart {
	readonly says: string;
	/** Stitches that it takes off the left needle; at a bed, those that it handles. */
	readonly takes: number;
	readonly crossing: boolean;
}
