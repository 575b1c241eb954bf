/** Fabric as a relaxation sees it: loops in rows, each with its cord and with the loops that it was drawn through. */

export interface LoopRow {
	/** The cord of each loop, from the right; -1 for ground. */
	readonly cords: Int32Array;
	/** The place in the row below of the loop that each was drawn through; -1 for one made from nothing. Left out in the first row. */
	readonly from?: Int32Array;
	/** Further places, where a loop was drawn through several. */
	readonly also?: ReadonlyMap<number, readonly number[]>;
	/** Whether the loop below stood elsewhere, as in a crossing. */
	readonly moved?: Uint8Array;
}

export interface LoopFabric {
	/** From the cast-on up. */
	readonly rows: readonly LoopRow[];
}

/** How stiff each pull is. Tried on swatches; measured widths may move the two of drawn-through loops together. */
export interface Stiffness {
	/** Neighbours in a row, and where two different cords touch, for one slides over the other. */
	readonly beside: number;
	readonly cords: number;
	/** A loop and the one it was drawn through, and where that one stood elsewhere. */
	readonly through: number;
	readonly crossed: number;
}
export const STIFFNESS: Stiffness = { beside: 1, cords: 0.8, through: 0.4, crossed: 0.3 };

/** Labels that keep to their cords through crossings, and parents row by row: the shape of worked-out examples. */
export function fabricFromParents(cords: readonly number[], parents: readonly (readonly number[])[]): LoopFabric {
	const rows: LoopRow[] = [{ cords: Int32Array.from(cords) }];
	for (const from of parents) {
		const below = rows.at(-1)!.cords;
		rows.push({
			cords: Int32Array.from(from, (p) => below[p]!),
			from: Int32Array.from(from),
			moved: Uint8Array.from(from, (p, c) => (p === c ? 0 : 1)),
		});
	}
	return { rows };
}
