/**
 * Yarn = Σ loops × (1 + spare) + cast-on tail (3 × width) + bind-off tail (3 × width) + seam tail (2.5 × seam)
 * + 2 × 15 cm a join. The factors are assumed.
 */

export const YARN_FACTORS = { castOn: 3, bindOff: 3, seam: 2.5, joinCm: 30, spare: 0.1 } as const;

export interface YarnAsked {
	/** Sum of the lengths of all loops, in centimetres. */
	readonly loopsCm: number;
	readonly widthCm: number;
	readonly seamCm?: number;
	readonly joins?: number;
	readonly spare?: number;
}

/** In metres. */
export const yarnMetres = ({
	loopsCm,
	widthCm,
	seamCm = 0,
	joins = 0,
	spare = YARN_FACTORS.spare,
}: YarnAsked): number =>
	(loopsCm * (1 + spare) +
		(YARN_FACTORS.castOn + YARN_FACTORS.bindOff) * widthCm +
		YARN_FACTORS.seam * seamCm +
		YARN_FACTORS.joinCm * joins) /
	100;

export const gramsOf = (metres: number, metresIn100g: number): number => (metres * 100) / metresIn100g;

export interface Balls {
	/** Where each has their own, rounded up for each. */
	readonly forEach: number;
	readonly ownForAll: number;
	/** Where balls are wound off for the class, rounded up once. */
	readonly woundForAll: number;
}

/** Balls of so many grams for each learner and for the class. */
export function ballsFor(grams: number, ballGrams: number, people: number): Balls {
	const forEach = Math.ceil(grams / ballGrams - 1e-9);
	return { forEach, ownForAll: forEach * people, woundForAll: Math.ceil((grams * people) / ballGrams - 1e-9) };
}
