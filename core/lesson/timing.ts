/** When each step of a lesson begins, and whether all of them fit into the class. */

import { reckoned, type Step } from '../step/index.ts';
import type { Plan } from './schema.ts';

/** A step's own minutes, or those that are reckoned for it. */
export const minutesOf = (step: Step, plan: Pick<Plan, 'level'>): number => step.minutes ?? reckoned(step, plan.level);

export interface Timeline {
	/** When each step begins, in minutes. */
	readonly starts: readonly number[];
	readonly total: number;
	/** The first step that is not over when the class is; none when all fits. */
	readonly over: number | undefined;
}

export function timeline(steps: readonly Step[], plan: Plan): Timeline {
	const starts: number[] = [];
	let at = 0;
	let over: number | undefined;
	for (const [i, step] of steps.entries()) {
		starts.push(at);
		at += minutesOf(step, plan);
		if (at > plan.minutes) over ??= i;
	}
	return { starts, total: at, over };
}
