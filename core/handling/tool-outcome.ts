/** What was made on a tool that carries loops by themselves, such as pegs or the needles of a bed. */

import { settle, type PassingEvent, type StitchNumber, type Work } from '../crossing/index.ts';
import type { HandlingOutcome } from './outcome.ts';

interface ToolLoop {
	readonly stitch: StitchNumber;
	readonly done?: 'k' | 'p';
}

interface Final<L extends ToolLoop> {
	/** Along the row, from right to left as the knit side shows it. */
	readonly loops: readonly L[];
	readonly lost: readonly StitchNumber[];
	/** Whether a loop is on a peg or a needle, where it belongs. */
	readonly isSeated: (loop: L) => boolean;
	/** Whether its old loop hangs up there. */
	readonly isHung: (loop: L) => boolean;
}

export function toolOutcome<L extends ToolLoop>(
	{ loops, lost, isSeated, isHung }: Final<L>,
	passings: readonly PassingEvent[],
): HandlingOutcome {
	const numbers = (some: readonly L[]): StitchNumber[] => some.map((l) => l.stitch);
	const worked = loops.filter((l) => l.done && isSeated(l));
	return {
		order: numbers(worked),
		// What ran down lies over nothing any more.
		...settle(passings.filter(({ pair }) => !pair.some((s) => lost.includes(s)))),
		work: Object.fromEntries(worked.map((l): [number, Work] => [l.stitch, l.done!])),
		unworked: numbers(loops.filter((l) => !l.done)),
		loose: numbers(loops.filter((l) => l.done && !isSeated(l))),
		lost,
		extraLoops: 0,
		split: [],
		turned: [],
		bars: [],
		kept: [],
		hung: numbers(worked.filter(isHung)),
	};
}
