/** Passings one after another: which of them are left in the end, and which pairs are wound round each other. */

import { byUpperThenLower, pairKey, type Passing, type StitchNumber } from './crossing.ts';

/** Two stitches change order; `upper` is the nearer one, `undefined` when both were in one plane. */
export interface PassingEvent {
	readonly pair: readonly [StitchNumber, StitchNumber];
	readonly upper: StitchNumber | undefined;
}

export interface Settled {
	/** For each pair that changed order in the end and is not tangled: who lies over whom, sorted. */
	readonly over: readonly Passing[];
	/** Pairs, smaller number first, that are wound round each other. */
	readonly tangled: readonly (readonly [StitchNumber, StitchNumber])[];
	/** Pairs, smaller number first, that passed in one plane, so that nothing says which lies on top. */
	readonly level: readonly (readonly [StitchNumber, StitchNumber])[];
}

/**
 * A pair that passes back with the same one still above cancels; with the other one above the two
 * are wound round each other, and the whole is no plain crossing any more. Linear in the events.
 */
export function settle(events: readonly PassingEvent[]): Settled {
	const open = new Map<string, PassingEvent[]>();
	for (const event of events) {
		const key = pairKey(...event.pair);
		const stack = open.get(key) ?? [];
		const last = stack.at(-1);
		if (last && last.upper !== undefined && last.upper === event.upper) stack.pop();
		else stack.push(event);
		open.set(key, stack);
	}
	const over: Passing[] = [];
	const tangled: [number, number][] = [];
	const level: [number, number][] = [];
	for (const stack of open.values()) {
		const [event] = stack;
		if (!event) continue;
		const [a, b] = event.pair;
		const pair: [number, number] = [Math.min(a, b), Math.max(a, b)];
		if (stack.some((e) => e.upper === undefined)) level.push(pair);
		else if (stack.length > 1) tangled.push(pair);
		else over.push([event.upper!, event.upper === a ? b : a]);
	}
	return {
		over: over.sort(byUpperThenLower),
		tangled: tangled.sort(byUpperThenLower),
		level: level.sort(byUpperThenLower),
	};
}
