/** What a procedure made, read off its last state and its passings; never off a name. */

import { pairKey, type Passing, type StitchNumber, type Work } from '../crossing/index.ts';
import { byUpperThenLower } from '../crossing/index.ts';
import type { PassingEvent } from './apply.ts';
import type { HandState } from './state.ts';

export interface Outcome {
	/** Start numbers in the order in which they now stand on the right needle, all worked. */
	readonly order: readonly StitchNumber[];
	/** Who lies over whom, for each pair that changed order in the end. */
	readonly over: readonly Passing[];
	/** Pairs that are wound round each other, or changed order in one plane. */
	readonly tangled: readonly (readonly [StitchNumber, StitchNumber])[];
	/** How each stitch came out, by start number; absent when it was not worked. */
	readonly work: Readonly<Record<StitchNumber, Work>>;
	/** Stitches never worked, wherever they are now. */
	readonly unworked: readonly StitchNumber[];
	/** Stitches on no tool at all. */
	readonly loose: readonly StitchNumber[];
	readonly extraLoops: number;
}

export function outcomeOf(final: HandState, passings: readonly PassingEvent[]): Outcome {
	const worked = final.loops.filter((l) => l.on === 'right' && l.done);
	const { over, tangled } = settle(passings);
	return {
		order: worked.map((l) => l.stitch),
		over,
		tangled,
		work: Object.fromEntries(
			worked.map((l): [number, Work] => [l.stitch, l.done!.twisted ? `${l.done!.stitch}tbl` : l.done!.stitch]),
		),
		unworked: final.loops.filter((l) => !l.done).map((l) => l.stitch),
		loose: final.loops.filter((l) => l.on === 'loose').map((l) => l.stitch),
		extraLoops: final.extraLoops,
	};
}

/**
 * A pair that passes back with the same one still above cancels; with the other
 * one above the two are wound round each other and no plain crossing any more.
 */
function settle(passings: readonly PassingEvent[]): Pick<Outcome, 'over' | 'tangled'> {
	const open = new Map<string, PassingEvent[]>();
	for (const event of passings) {
		const key = pairKey(...event.pair);
		const stack = open.get(key) ?? [];
		const last = stack.at(-1);
		if (last && last.upper !== undefined && last.upper === event.upper) stack.pop();
		else stack.push(event);
		open.set(key, stack);
	}
	const over: Passing[] = [];
	const tangled: [number, number][] = [];
	for (const stack of open.values()) {
		const [event] = stack;
		if (!event) continue;
		const [a, b] = event.pair;
		if (stack.length > 1 || event.upper === undefined) tangled.push([Math.min(a, b), Math.max(a, b)]);
		else over.push([event.upper, event.upper === a ? b : a]);
	}
	return { over: over.sort(byUpperThenLower), tangled };
}
