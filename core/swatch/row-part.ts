import type { PegOrder } from './peg-plan.ts';

/** How the tools of the class stand. */
export interface PlanFor {
	/** Where the group that waits is parked on a loom; inside when left out. */
	readonly order?: PegOrder;
	/** The machine's number for the yarn. */
	readonly number?: number;
}

/** One thing that is done in a row, said aloud. */
export interface RowPart {
	readonly says: string;
	/** Stitches that it takes off the left needle; at a bed, those that it handles. */
	readonly takes: number;
	readonly crossing: boolean;
}
