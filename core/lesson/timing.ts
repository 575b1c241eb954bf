/** When each step of a lesson begins, and whether all of them fit into the class. */

import { isFor, PACES, reckoned, type Step } from '../step/index.ts';
import { placesOf } from './room.ts';
import type { Plan } from './schema.ts';

/** A step's own minutes, or those that are reckoned for it; `glossary`: the teacher's own names, by which rows may be written. */
export const minutesOf = (step: Step, { level, pace }: Pick<Plan, 'level' | 'pace'>, glossary: string): number =>
	step.minutes ??
	reckoned(step, pace ? { ...PACES[level], crossing: pace.crossing, stitches: pace.stitches } : PACES[level], glossary);

/** Where reckoned minutes come from: `from 24 measures of Thursday`. */
export const paceSaid = ({ pace }: Pick<Plan, 'pace'>): string =>
	pace
		? `from ${pace.from === 1 ? 'one measure' : `${pace.from} measures`} of ${pace.of}`
		: 'assumed from stitches, crossings, way and level';

export interface Timeline {
	/** When each step begins, in minutes. */
	readonly starts: readonly number[];
	readonly total: number;
	/** The first step that is not over when the class is; none when all fits. */
	readonly over: number | undefined;
}

/**
 * Steps for some go on beside steps for others: one begins when all whom it is for are free. A step for nobody
 * in the room is given to everybody.
 */
export function timeline(steps: readonly Step[], plan: Plan, glossary: string): Timeline {
	const places = placesOf(plan);
	const free = new Map(places.map((place) => [place, 0]));
	const starts: number[] = [];
	let over: number | undefined;
	for (const [i, step] of steps.entries()) {
		const named = places.filter((place) => isFor(step, place));
		const who = named.length > 0 ? named : places;
		const start = Math.max(...who.map((place) => free.get(place)!));
		starts.push(start);
		const end = start + minutesOf(step, plan, glossary);
		for (const place of who) free.set(place, end);
		if (end > plan.minutes) over ??= i;
	}
	return { starts, total: Math.max(...free.values()), over };
}
