/** Gauge: how many stitches and rows go into ten centimetres, of which fabric, and in which state. */

import { ratioOf, type FabricState, type Square } from './states.ts';

export const GAUGE_OF = ['plain', 'pattern'] as const;
/** Of plain knitting, where cords still have to be reckoned; or of this very pattern, cords and all. */
export type GaugeOf = (typeof GAUGE_OF)[number];

/** In words. */
export const GAUGE_OF_WORDS: Readonly<Record<GaugeOf, string>> = {
	plain: 'plain knitting',
	pattern: 'a pattern with strands',
};

export interface Gauge {
	/** In 10 cm. */
	readonly stitches: number;
	readonly rows: number;
	readonly of: GaugeOf;
	readonly state: FabricState;
}

/** Until a square was measured: plain knitting in mid wool, off the needles. Assumed. */
export const ASSUMED_GAUGE: Gauge = { stitches: 20, rows: 28, of: 'plain', state: 'off' };

/** Limits of what is believed of a square: between lace thread and rope. */
export const GAUGE_LIMITS = { least: 3, most: 80 } as const;

/** Width of a stitch and height of a row, in centimetres. */
export const cellOf = ({
	stitches,
	rows,
}: Pick<Gauge, 'stitches' | 'rows'>): { readonly w: number; readonly h: number } => ({
	w: 10 / stitches,
	h: 10 / rows,
});

/** The same gauge in another state, by measured squares or assumed ratios. */
export function gaugeIn(gauge: Gauge, state: FabricState, squares: readonly Square[] = []): Gauge {
	const { across, along } = ratioOf(gauge.state, state, squares);
	return { ...gauge, state, stitches: gauge.stitches / across, rows: gauge.rows / along };
}
