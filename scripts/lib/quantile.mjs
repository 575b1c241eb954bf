// The number below which such a share of the numbers lies.
/** @param {readonly number[]} numbers @param {number} share from 0 to 1 */
export const quantile = (numbers, share) =>
	[...numbers].sort((a, b) => a - b)[Math.floor((numbers.length - 1) * share)] ?? 0;
