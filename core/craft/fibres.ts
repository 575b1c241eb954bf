/** What yarn is of, as far as it matters to a crossing: wool gives, the others do not. */
export const FIBRES = ['wool', 'cotton', 'linen'] as const;
export type Fibre = (typeof FIBRES)[number];
