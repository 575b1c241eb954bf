/** What yarn is of, as far as it matters to a crossing: wool gives and holds, the others less so. */
export const FIBRES = ['wool', 'synthetic', 'cotton', 'linen'] as const;
export type Fibre = (typeof FIBRES)[number];

/** How much tighter than in wool a crossing sits, in steps of one verdict. Assumed: synthetics lie between wool and cotton. */
export const STIFF: Readonly<Record<Fibre, number>> = { wool: 0, synthetic: 0.5, cotton: 1, linen: 1 };

/** How readily a loop that hangs loose slips away, in moves for each move that it hangs. Assumed. */
export const SLIPS: Readonly<Record<Fibre, number>> = { wool: 0.5, synthetic: 1, cotton: 2, linen: 1.5 };

/** What breaks before it gives. */
export const isBrittle = (fibre: Fibre): boolean => STIFF[fibre] >= 1;
