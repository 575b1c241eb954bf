/** Lengths in the units that a teacher says them in. Centimetres are what is stored. */

export const LENGTH_UNITS = ['cm', 'in'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

export const CM_PER_INCH = 2.54;
const FRACTIONS = ['', '¼', '½', '¾'] as const;

/** A length for hands, not for rulers: to half a centimetre, or a quarter inch. */
export function lengthName(cm: number, unit: LengthUnit): string {
	if (unit === 'cm') return `${Math.round(cm * 2) / 2} cm`;
	const quarters = Math.round((cm / CM_PER_INCH) * 4);
	const whole = Math.floor(quarters / 4);
	const fraction = FRACTIONS[quarters % 4]!;
	return `${whole === 0 && fraction ? '' : whole}${fraction} in`;
}

/** A length that was reckoned: to a millimetre, or a tenth of an inch. */
export const reckonedLength = (cm: number, unit: LengthUnit): string =>
	`${(unit === 'cm' ? cm : cm / CM_PER_INCH).toFixed(1)} ${unit}`;

/** What is typed in one unit, in centimetres, and back. */
export const toCm = (value: number, unit: LengthUnit): number => (unit === 'cm' ? value : value * CM_PER_INCH);
export const fromCm = (cm: number, unit: LengthUnit): number => (unit === 'cm' ? cm : cm / CM_PER_INCH);
