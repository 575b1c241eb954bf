/** Lengths in the units that a teacher says them in. Centimetres are what is stored. */

export const LENGTH_UNITS = ['cm', 'in'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

const CM_PER_INCH = 2.54;
const FRACTIONS = ['', '¼', '½', '¾'] as const;

/** A length for hands, not for rulers: to half a centimetre, or a quarter inch. */
export function lengthName(cm: number, unit: LengthUnit): string {
	if (unit === 'cm') return `${Math.round(cm * 2) / 2} cm`;
	const quarters = Math.round((cm / CM_PER_INCH) * 4);
	const whole = Math.floor(quarters / 4);
	const fraction = FRACTIONS[quarters % 4]!;
	return `${whole === 0 && fraction ? '' : whole}${fraction} in`;
}
