import { pairKey, type PassingEvent, type StitchNumber } from '../../crossing/index.ts';

interface Moved {
	readonly steps: readonly { readonly passings: readonly PassingEvent[] }[];
}
interface LoopOrder {
	readonly loops: readonly { readonly stitch: StitchNumber; readonly plane: number }[];
}

/** Passings decide for pairs that changed order; planes decide for pairs that only hang across each other. */
export function whoIsNearer(
	trace: Moved,
	step: number,
	state: LoopOrder,
): (a: StitchNumber, b: StitchNumber) => boolean {
	const uppers = new Map<string, StitchNumber>();
	for (const { pair, upper } of trace.steps.slice(0, step).flatMap((s) => s.passings)) {
		if (upper !== undefined) uppers.set(pairKey(...pair), upper);
	}
	const planes = new Map(state.loops.map((l) => [l.stitch, l.plane]));
	return (a, b) => {
		const upper = uppers.get(pairKey(a, b));
		if (upper !== undefined) return upper === a;
		return (planes.get(a) ?? 0) > (planes.get(b) ?? 0);
	};
}
