/** What a procedure made, read off its last state and its passings; never off a name. */

import { settle, type Passing, type PassingEvent, type StitchNumber, type Work } from '../crossing/index.ts';
import type { Bar, HandState } from './state.ts';

export interface HandlingOutcome {
	/** Start numbers in the order in which they now stand on the right needle, all worked. */
	readonly order: readonly StitchNumber[];
	/** Who lies over whom, for each pair that changed order in the end. */
	readonly over: readonly Passing[];
	/** Pairs that are wound round each other. */
	readonly tangled: readonly (readonly [StitchNumber, StitchNumber])[];
	/** Pairs that changed order in one plane, such as inside a group: a kink. */
	readonly level: readonly (readonly [StitchNumber, StitchNumber])[];
	/** How each stitch came out, by start number; absent when it was not worked. */
	readonly work: Readonly<Record<StitchNumber, Work>>;
	/** Stitches never worked, wherever they are now. */
	readonly unworked: readonly StitchNumber[];
	/** Stitches on no tool at all. */
	readonly loose: readonly StitchNumber[];
	/** Stitches whose loops ran down. */
	readonly lost: readonly StitchNumber[];
	readonly extraLoops: number;
	/** Stitches worked through half of their yarn. */
	readonly split: readonly StitchNumber[];
	/** New loops that sit turned on the needle: their leading leg is the back one. */
	readonly turned: readonly StitchNumber[];
	/** Strands of yarn across stitches. */
	readonly bars: readonly Bar[];
	/** Worked stitches whose old loops were never let off. */
	readonly kept: readonly StitchNumber[];
	/** Stitches that were worked and whose old loops hang up on their peg or needle. */
	readonly hung: readonly StitchNumber[];
}

export function outcomeOf(final: HandState, passings: readonly PassingEvent[]): HandlingOutcome {
	const worked = final.loops.filter((l) => l.on === 'right' && l.done);
	// What ran down lies over nothing any more.
	const there = passings.filter(({ pair }) => !pair.some((s) => final.lost.includes(s)));
	return {
		order: worked.map((l) => l.stitch),
		...settle(there),
		work: Object.fromEntries(
			worked.map((l): [number, Work] => [l.stitch, l.done!.twisted ? `${l.done!.stitch}tbl` : l.done!.stitch]),
		),
		unworked: final.loops.filter((l) => !l.done).map((l) => l.stitch),
		loose: final.loops.filter((l) => l.on === 'loose').map((l) => l.stitch),
		lost: final.lost,
		extraLoops: final.extraLoops,
		split: worked.filter((l) => l.done!.split).map((l) => l.stitch),
		turned: worked.filter((l) => l.mount === 'behind').map((l) => l.stitch),
		bars: final.bars,
		kept: final.kept.map(({ stitch }) => stitch),
		hung: [],
	};
}
