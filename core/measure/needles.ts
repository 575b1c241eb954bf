/** Needle sizes in the three systems that patterns use. Millimetres are what is stored. */

export const NEEDLE_SYSTEMS = ['mm', 'us', 'uk'] as const;
export type NeedleSystem = (typeof NEEDLE_SYSTEMS)[number];

interface NeedleSize {
	readonly mm: number;
	readonly us?: string;
	readonly uk?: string;
}

// The sizes as makers print them on needles; where a system skips one, nothing is put in its place.
const SIZES: readonly NeedleSize[] = [
	{ mm: 2, us: '0', uk: '14' },
	{ mm: 2.25, us: '1', uk: '13' },
	{ mm: 2.5, us: '1½' },
	{ mm: 2.75, us: '2', uk: '12' },
	{ mm: 3, us: '2½', uk: '11' },
	{ mm: 3.25, us: '3', uk: '10' },
	{ mm: 3.5, us: '4' },
	{ mm: 3.75, us: '5', uk: '9' },
	{ mm: 4, us: '6', uk: '8' },
	{ mm: 4.5, us: '7', uk: '7' },
	{ mm: 5, us: '8', uk: '6' },
	{ mm: 5.5, us: '9', uk: '5' },
	{ mm: 6, us: '10', uk: '4' },
	{ mm: 6.5, us: '10½', uk: '3' },
	{ mm: 7, uk: '2' },
	{ mm: 7.5, uk: '1' },
	{ mm: 8, us: '11', uk: '0' },
	{ mm: 9, us: '13', uk: '00' },
	{ mm: 10, us: '15', uk: '000' },
];

/** Every size known, in millimetres, thinnest first. */
export const NEEDLES_MM: readonly number[] = SIZES.map((s) => s.mm);

/** Such as "4.5 mm" or "US 7 (4.5 mm)": other systems keep the millimetres beside them, as they are the only exact ones. */
export function needleName(mm: number, system: NeedleSystem): string {
	const metric = `${mm} mm`;
	if (system === 'mm') return metric;
	const size = SIZES.find((s) => s.mm === mm)?.[system];
	const name = system.toUpperCase();
	return size === undefined ? `${metric} (no ${name} size)` : `${name} ${size} (${metric})`;
}
