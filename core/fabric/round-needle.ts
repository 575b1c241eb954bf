/** Whether a round still goes about its circular needle once cords have drawn it in. */

/** The piece as pulled in is to be so much bigger round than the needle. Assumed. */
export const SPARE_CM = 5;

export const aboutNeedle = (
	circumferenceCm: number,
	needleCm: number,
): { readonly fits: boolean; readonly spareCm: number } => ({
	fits: circumferenceCm - needleCm >= SPARE_CM,
	spareCm: circumferenceCm - needleCm,
});
