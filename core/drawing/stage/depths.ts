/** The layers of the stage, furthest first. Within a layer, small steps keep an order. */

export const DEPTH = {
	water: 0,
	fabric: 10,
	/** Back holders with the tops of their loops; an outer one hangs further away. */
	backHolderOuter: 20,
	backHolder: 25,
	yarnBehind: 30,
	looseBehind: 35,
	strands: 40,
	/** The working yarn when it lies in front of the fabric, but behind any front holder. */
	needleBehind: 60,
	needles: 65,
	needleInFront: 70,
	yarnInFront: 75,
	frontHolder: 80,
	frontHolderOuter: 85,
	words: 100,
} as const;

/** Parts of one carrier, added to its layer: the back of the loops, the tool, the front of the loops. */
export const SANDWICH = { back: 0, tool: 1, front: 2 } as const;
