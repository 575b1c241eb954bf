/** What measured squares of a yarn say: its gauge in a state, with its spread, and whether they contradict each other. */

import type { Gauge, GaugeOf } from './gauge.ts';
import { median } from './median.ts';
import { FABRIC_STATES, type FabricState, type Square } from './states.ts';

/** A square that was knitted, with so many stitches and rows in it, and measured in the states that there were. */
export interface MeasuredSquare {
	readonly stitches: number;
	readonly rows: number;
	readonly of: GaugeOf;
	readonly sizes: Square;
	/** Taken out of what is reckoned, but kept. */
	readonly aside?: boolean | undefined;
}

export interface FromSquares {
	readonly gauge: Gauge;
	/** So many squares told it. */
	readonly squares: number;
	/** The least and the most of them, in stitches and rows. */
	readonly spread: { readonly stitches: readonly [number, number]; readonly rows: readonly [number, number] };
	/** They differ by more than squares of one hand and yarn do: shown, not averaged away. */
	readonly contradict: boolean;
}

/** Squares of one yarn and hand that differ by more than this part have something else in them. Assumed. */
export const CONTRADICTS = 0.12;

const inTen = (count: number, cm: number): number => (count * 10) / cm;
/** The state in which most squares were measured; of equals the last one, for that is how a piece is used. */
export function stateMeasured(squares: readonly MeasuredSquare[]): FabricState | undefined {
	const many = (state: FabricState): number => squares.filter((s) => !s.aside && s.sizes[state]).length;
	const best = [...FABRIC_STATES].reverse().sort((a, b) => many(b) - many(a))[0]!;
	return many(best) > 0 ? best : undefined;
}

/** The gauge that the squares of a fabric say, in a state or in the one that was measured most; undefined without any. */
export function gaugeFrom(
	squares: readonly MeasuredSquare[],
	of: GaugeOf,
	state: FabricState | undefined = stateMeasured(squares.filter((s) => s.of === of)),
): FromSquares | undefined {
	if (!state) return undefined;
	const told = squares.flatMap((s): { stitches: number; rows: number }[] => {
		const size = s.of === of && !s.aside ? s.sizes[state] : undefined;
		return size ? [{ stitches: inTen(s.stitches, size.widthCm), rows: inTen(s.rows, size.lengthCm) }] : [];
	});
	if (told.length === 0) return undefined;
	const stitches = told.map((t) => t.stitches).sort((a, b) => a - b);
	const rows = told.map((t) => t.rows).sort((a, b) => a - b);
	const apart = (sorted: readonly number[]): boolean => sorted.at(-1)! / sorted[0]! - 1 > CONTRADICTS;
	return {
		gauge: { stitches: median(stitches), rows: median(rows), of, state },
		squares: told.length,
		spread: { stitches: [stitches[0]!, stitches.at(-1)!], rows: [rows[0]!, rows.at(-1)!] },
		contradict: apart(stitches) || apart(rows),
	};
}
