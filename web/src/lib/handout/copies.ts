/** Copies that one file holds, of all sheets together. */
export const MOST_COPIES = 40;
