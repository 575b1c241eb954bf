/** Looks for a way apart from the page, which stays quick meanwhile. */

import { findWay, FOUND_LIMITS } from '@pond-loop/core/craft';
import type { Crossing } from '@pond-loop/core/crossing';
import { simulate, startState, tally } from '@pond-loop/core/handling';
import type { FoundPlan } from './search';

addEventListener('message', ({ data }: MessageEvent<{ id: number; crossing: Crossing }>) => {
	const found = findWay(data.crossing, FOUND_LIMITS);
	const plan: FoundPlan = found.ok
		? { found: true, proven: found.proven, ...tally(simulate(found.moves, startState(data.crossing.n))) }
		: { found: false };
	postMessage({ id: data.id, plan });
});
