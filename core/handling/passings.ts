import type { PassingEvent, StitchNumber } from '../crossing/index.ts';

interface InRow {
	readonly stitch: StitchNumber;
	readonly plane: number;
}

/**
 * Who went past whom when `movers` changed their place in the row: a passing for each loop that they
 * now stand on the other side of. The nearer one, by `planeOf` for the mover, is the upper one.
 */
export function passingsOf<L extends InRow>(
	before: readonly L[],
	after: readonly L[],
	movers: readonly StitchNumber[],
	planeOf: (loop: L, past: L) => number,
): readonly PassingEvent[] {
	const is: number[] = [];
	for (const [i, { stitch }] of after.entries()) is[stitch] = i;
	const moves: boolean[] = [];
	for (const stitch of movers) moves[stitch] = true;
	const events: PassingEvent[] = [];
	for (const [i, mover] of before.entries()) {
		if (!moves[mover.stitch]) continue;
		for (const [j, other] of before.entries()) {
			if (moves[other.stitch] || i < j === is[mover.stitch]! < is[other.stitch]!) continue;
			const gap = planeOf(mover, other) - other.plane;
			const upper = gap === 0 ? undefined : gap > 0 ? mover.stitch : other.stitch;
			events.push({ pair: [mover.stitch, other.stitch], upper });
		}
	}
	return events;
}
