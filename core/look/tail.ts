/** The tail of yarn that is left for weaving in, in centimetres: a house default, long enough for a needle. */
export const TAIL_CM = 15;
