/** How much of a large fabric is drawn as it lies. */

import type { LiesAcross } from '@pond-loop/core/fabric';

/** Loops up to which all of it is drawn, and up to which as elements of the page. */
const MOST_DRAWN = 4500;
const AS_ELEMENTS = 3000;

export interface DrawnPart {
	/** Whole rows from the cast-on up: before this one. */
	readonly end: number;
	/** Too many loops to be elements of the page. */
	readonly isLarge: boolean;
}

export function drawnPart(lies: Pick<LiesAcross, 'x'> | undefined): DrawnPart {
	const rows = lies?.x ?? [];
	let loops = 0;
	let end = 0;
	while (end < rows.length && (loops + rows[end]!.length <= MOST_DRAWN || end < 2)) loops += rows[end++]!.length;
	return { end, isLarge: loops > AS_ELEMENTS };
}
