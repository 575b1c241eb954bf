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
	const placeIn = (row: readonly L[]): ReadonlyMap<StitchNumber, number> => new Map(row.map((l, i) => [l.stitch, i]));
	const [was, is] = [placeIn(before), placeIn(after)];
	const moving = before.filter((l) => movers.includes(l.stitch));
	const still = before.filter((l) => !movers.includes(l.stitch));
	return moving.flatMap((mover) =>
		still.flatMap((other): PassingEvent[] => {
			const [m, o] = [mover.stitch, other.stitch];
			if (was.get(m)! < was.get(o)! === is.get(m)! < is.get(o)!) return [];
			const gap = planeOf(mover, other) - other.plane;
			return [{ pair: [m, o], upper: gap === 0 ? undefined : gap > 0 ? m : o }];
		}),
	);
}
