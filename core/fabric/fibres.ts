/** What yarn is of, as far as it matters to a crossing: wool gives and holds, the others less so. */
export const FIBRES = ['wool', 'synthetic', 'cotton', 'linen'] as const;
export type Fibre = (typeof FIBRES)[number];

/** How readily a loop that hangs loose slips away, in moves for each move that it hangs. Assumed. */
export const SLIPS: Readonly<Record<Fibre, number>> = { wool: 0.5, synthetic: 1, cotton: 2, linen: 1.5 };

/** What breaks before it gives. */
export const isBrittle = (fibre: Fibre): boolean => fibre === 'cotton' || fibre === 'linen';
