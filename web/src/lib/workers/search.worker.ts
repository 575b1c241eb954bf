/** Looks for a way apart from the page, which stays quick meanwhile and hears from time to time how far it is. */

import { searching } from '@pond-loop/core/handling';
import type { SearchQuestion, SearchMessage } from './search';

/** Milliseconds before it says anything, and between two words. */
const AT_FIRST = 300;
const BETWEEN = 200;

addEventListener('message', ({ data }: MessageEvent<{ id: number; question: SearchQuestion }>) => {
	const say = (said: SearchMessage): void => postMessage({ id: data.id, said });
	const steps = searching(data.question.crossing, data.question.limits);
	let last = performance.now() + AT_FIRST - BETWEEN;
	for (let step = steps.next(); ; step = steps.next()) {
		if (step.done) return say({ found: step.value });
		const now = performance.now();
		if (now - last < BETWEEN) continue;
		last = now;
		say({ looking: step.value });
	}
});
