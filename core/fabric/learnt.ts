/** A default weighed as so many measures, together with those that there are: (k·default + Σ measured) ÷ (k + n). */

/** A default counts as much as so many measures. Assumed. */
export const DEFAULT_WEIGHT = 3;

export const learntFrom = (byDefault: number, measures: readonly number[], weight = DEFAULT_WEIGHT): number =>
	(weight * byDefault + measures.reduce((sum, m) => sum + m, 0)) / (weight + measures.length);
