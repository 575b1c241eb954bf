/**
 * How long steps take: stitches by pace, crossings by seconds, and what else a step is. All of it is
 * assumed until a teacher's own figures replace it; a step's own minutes go before everything here.
 */

import type { Level, Plan, Step } from '../schema/index.ts';
import { isWithoutHolder, workedOf } from './skills.ts';

export interface Pace {
	/** Plain stitches in a minute. */
	readonly stitches: number;
	/** Seconds for one crossing with a holder. */
	readonly crossing: number;
	/** What a crossing without a holder takes, as a factor. */
	readonly withoutHolder: number;
}

/** Assumed: house defaults for a class. */
export const PACES: Readonly<Record<Level, Pace>> = {
	beginner: { stitches: 12, crossing: 60, withoutHolder: 1.5 },
	improver: { stitches: 22, crossing: 30, withoutHolder: 1.5 },
	practised: { stitches: 35, crossing: 12, withoutHolder: 0.8 },
};

/** Assumed minutes of what is not knitting. */
const MINUTES = {
	opening: 5,
	materials: 5,
	discussion: 10,
	homework: 3,
	note: 0,
	rest: 4,
	check: 4,
	compare: 6,
	/** Talking a crossing through before anybody works it. */
	shown: 4,
	'bind-off': 8,
	wash: 5,
	pin: 10,
	dry: 0,
	seam: 12,
} as const;

/** After it is shown each learner works three of the same in one row, and the row back. */
const TIMES_TRIED = 3;
const STITCHES_BESIDE = 8;

/** Minutes reckoned for a step, to the half minute. */
export function reckoned(step: Step, level: Level): number {
	const pace = PACES[level];
	const half = (minutes: number): number => Math.round(minutes * 2) / 2;
	switch (step.kind) {
		case 'crossing': {
			const factor = isWithoutHolder(step.way) ? pace.withoutHolder : 1;
			const crossings = (TIMES_TRIED * pace.crossing * factor) / 60;
			const plain = (2 * (TIMES_TRIED * step.crossing.n + STITCHES_BESIDE)) / pace.stitches;
			return half(MINUTES.shown + crossings + plain);
		}
		case 'compare':
			return MINUTES.compare;
		case 'swatch': {
			const worked = workedOf(step);
			const crossings = worked.rows.reduce((sum, r) => sum + r.crossings.length, 0);
			const stitches = worked.castOn + worked.rows.reduce((sum, r) => sum + r.stitches.length, 0);
			return half(stitches / pace.stitches + (crossings * pace.crossing) / 60);
		}
		case 'finish':
			return step.parts.reduce((sum, part) => sum + MINUTES[part], 0);
		default:
			return MINUTES[step.kind];
	}
}

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
