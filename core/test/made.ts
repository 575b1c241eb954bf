/** Things that tests start from, made or thrown for: a test that cannot make them has already failed. */

import { hand, perform, type Craft } from '../craft/index.ts';
import { crossing, type Crossing, type CrossingParts } from '../crossing/index.ts';
import type { Trace } from '../handling/index.ts';
import { readName } from '../notation/index.ts';
import type { Problem } from '../result.ts';

const thrown = (problems: readonly Problem[]): Error => new Error(problems.map((p) => p.what).join(' '));

/** A crossing of these parts. */
export function valid(parts: CrossingParts): Crossing {
	const made = crossing(parts);
	if (!made.ok) throw thrown(made.problems);
	return made.value;
}

/** The crossing of a slash name. */
export function named(text: string): Crossing {
	const read = readName(text, 'slash');
	if (!read.ok) throw thrown(read.problems);
	return read.crossing;
}

/** What the hands do on two needles to make a crossing one way. */
export function traceOf(c: Crossing, way: string, craft: Craft = hand): Trace {
	const done = perform(craft, c, way);
	if (!done.ok) throw thrown(done.problems);
	const { trace } = done.value;
	if (trace.tool !== 'needles') throw new Error(`${craft.title} is not made on needles.`);
	return trace;
}

/** Three stitches turned round: 3 over 2 over 1, so not of two groups. */
export const turnedRound = valid({
	order: [3, 2, 1],
	over: [
		[3, 1],
		[3, 2],
		[2, 1],
	],
});

/** Ids of the form of a UUID, each another one, counted from 1. */
export function idMaker(): () => string {
	let last = 0;
	return () => `00000000-0000-4000-8000-${String(++last).padStart(12, '0')}`;
}
