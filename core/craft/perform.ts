/** One crossing made one way: everything a page shows about it, from one run. */

import type { Crossing } from '../crossing/index.ts';
import { prove, tally, type Proof, type Tally, type Trace } from '../handling/index.ts';
import { ok, type Result } from '../result.ts';
import type { Craft } from './craft.ts';

export interface Performance {
	readonly trace: Trace;
	readonly proof: Proof;
	readonly tally: Tally;
}

/** Plans, runs and proves; with a slip, proves what the mistake made against what was asked. */
export function perform(craft: Craft, crossing: Crossing, way: string, slip?: string): Result<Performance> {
	const planned = craft.plan(crossing, way);
	if (!planned.ok) return planned;
	const moves = slip ? craft.slipInto(planned.value, slip) : planned.value;
	const trace = craft.simulate(moves, craft.start(crossing));
	return ok({ trace, proof: prove(crossing, trace), tally: tally(trace) });
}
