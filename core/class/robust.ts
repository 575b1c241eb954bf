/** Figures from few measures: the middle, the spread, and what stands far off. */

import { median } from '../fabric/index.ts';

export interface Measured {
	readonly value: number;
	/** Measures that it comes from; 0 where it is assumed. */
	readonly from: number;
	/** The least and the most of them. */
	readonly spread?: readonly [least: number, most: number];
}

/** How much an assumed figure weighs, in measures. Assumed itself. */
export const PRIOR_WEIGHT = 3;

/** `(k · assumed + Σ measured) ÷ (k + n)`, k = 3: few measures move it a little, many take over. */
export function shrunk(assumed: number, measured: readonly number[]): Measured {
	const sum = measured.reduce((total, m) => total + m, 0);
	const value = (PRIOR_WEIGHT * assumed + sum) / (PRIOR_WEIGHT + measured.length);
	if (measured.length === 0) return { value, from: 0 };
	return { value, from: measured.length, spread: [Math.min(...measured), Math.max(...measured)] };
}

/** Absolute deviations from the middle beyond which a measure stands far off; of so many at least. */
const FAR = { deviations: 4, of: 4, least: 0.25 };

/** Which measures stand far off the others: shown, and set aside by a press only. */
export function farOff(measured: readonly number[]): readonly boolean[] {
	if (measured.length < FAR.of) return measured.map(() => false);
	const sorted = (all: readonly number[]): number[] => [...all].sort((a, b) => a - b);
	const middle = median(sorted(measured));
	const deviation = median(sorted(measured.map((m) => Math.abs(m - middle))));
	// Where all are alike, a quarter off is far.
	const most = Math.max(FAR.deviations * deviation, FAR.least * middle);
	return measured.map((m) => Math.abs(m - middle) > most);
}
