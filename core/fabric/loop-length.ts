/**
 * Length of yarn in one plain loop: S·l² = Ks, l in cm, S stitches × rows in a square centimetre in that same relaxed
 * state (Munden 1959; Knapton), for squares of plain wool. A piece on pins is in none of these states.
 */

export const RELAXED = ['dry-relaxed', 'wet-relaxed', 'fully-relaxed'] as const;
/** Off the needles and rested; soaked and dried flat without pins; tumbled. */
export type RelaxedState = (typeof RELAXED)[number];

const KS: Readonly<Record<RelaxedState, number>> = { 'dry-relaxed': 19, 'wet-relaxed': 21.6, 'fully-relaxed': 23.1 };

/** In centimetres. */
export const loopLength = (
	{ stitches, rows }: { readonly stitches: number; readonly rows: number },
	state: RelaxedState = 'dry-relaxed',
): number => Math.sqrt(KS[state] / ((stitches / 10) * (rows / 10)));
