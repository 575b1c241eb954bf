/** Stitches up to which a crossing is tried by hand: as many as stand on the needles in one picture. */
export const MOST_BY_HAND = 12;
