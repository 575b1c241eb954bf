import type { HolderShape, RowsBelow } from '../../handling/index.ts';
import type { Light } from '../palette.ts';

export interface StageOptions {
	readonly light: Light;
	/** Makes numbers and words larger, for a stage that is shown small; 1 when left out. */
	readonly textScale?: number;
	/** Left-handed: turned left to right, with stitches waiting on the right needle. */
	readonly mirrored?: boolean;
	/** Two where both layers are worked at once; one when left out. */
	readonly yarns?: 1 | 2;
	/** The hand that holds the yarn; right when left out. */
	readonly yarnHand?: 'right' | 'left';
	/** Bent when left out. */
	readonly holderShape?: HolderShape;
	/** What the side that is seen is called, written in a corner when it is given. */
	readonly side?: string;
	/** What the loops are called, by their numbers; the numbers themselves when left out. */
	readonly names?: readonly string[];
	/** The cord of each loop, from 0, and -1 for ground; worked out of the crossing when left out. */
	readonly cords?: readonly number[];
	/** How the rows under each loop are made; plain when left out. */
	readonly below?: readonly RowsBelow[];
	/** Seen from where the worker sits, or from the other side of the fabric. */
	readonly from?: 'front' | 'behind';
}
