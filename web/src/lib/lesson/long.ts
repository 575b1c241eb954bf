/** Steps that take long to work out: a server leaves them, and what is reckoned from them, to the browser. */

import type { Lesson, Step } from '@pond-loop/core/schema';
import { isLong } from '$lib/made';
import { isLongSwatch } from '$lib/swatch/checked';

/** Steps up to which a server reckons a whole lesson. */
const SERVED = 24;

export const isLongStep = (step: Step): boolean =>
	step.kind === 'swatch'
		? isLongSwatch(step.swatch)
		: (step.kind === 'crossing' || step.kind === 'compare') && isLong(step.crossing, step.way);

export const isLongLesson = ({ steps }: Pick<Lesson, 'steps'>): boolean =>
	steps.length > SERVED || steps.some(isLongStep);
