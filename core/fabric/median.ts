/** The middle one of sorted numbers, or halfway between the two in the middle. */
export const median = (sorted: readonly number[]): number =>
	(sorted[(sorted.length - 1) >> 1]! + sorted[sorted.length >> 1]!) / 2;
