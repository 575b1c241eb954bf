/** What the evenings of a class say together. Nobody is counted who was not seen. */

import { PACES, type Pace } from '../step/index.ts';
import type { Level } from '../skill/index.ts';
import type { MistakeId } from '../handling/index.ts';
import type { Class } from './class.ts';
import { OUTCOMES, wentBy, type Evening, type Outcome, type PiecePress, type Press, type Went } from './evening.ts';
import type { Person } from './person.ts';
import { farOff, shrunk, type Measured } from './robust.ts';
import { squaresIn, washingIn, type ClassSquare, type Washing } from './washing.ts';

export interface HeldEvening {
	readonly id: string;
	readonly evening: Evening;
	readonly presses: readonly Press[];
}

/** One goal over all evenings at which it was seen. */
export interface GoalLearnt {
	readonly id: string;
	readonly title: string;
	/** Evenings at which anybody was seen at it, by their places among those held. */
	readonly on: readonly number[];
	/** Of each person the last outcome, and how often they were seen at it. */
	readonly people: ReadonlyMap<string, { readonly last: Outcome; readonly times: number; readonly evening: number }>;
	/** How many of those seen last time: alone, with help, not yet. */
	readonly counts: Readonly<Record<Outcome, number>>;
}

export interface StepLearnt {
	readonly evening: number;
	readonly title: string;
	readonly planned: number;
	readonly real: number;
}

export interface Lap {
	readonly evening: number;
	readonly press: string;
	readonly person: string | undefined;
	/** Seconds for one crossing, or stitches in a minute. */
	readonly value: number;
	readonly isFar: boolean;
}

export interface Learnt {
	/** Evenings by day, the first one first. */
	readonly evenings: readonly HeldEvening[];
	readonly went: readonly Went[];
	readonly goals: readonly GoalLearnt[];
	readonly steps: readonly StepLearnt[];
	/** How much longer steps take than planned: the middle of all, as a factor. */
	readonly longer: Measured | undefined;
	readonly crossings: readonly Lap[];
	readonly stitches: readonly Lap[];
	/** Squares that were measured, the first one first. */
	readonly squares: readonly ClassSquare[];
	/** What washing did to squares that were measured before and after it. */
	readonly washing: readonly Washing[];
	/** Pictures of pieces, the latest first. */
	readonly pieces: readonly (PiecePress & { readonly evening: number })[];
	readonly mistakes: readonly { readonly mistake: MistakeId; readonly many: number; readonly people: number }[];
	/** How fast this class is: assumed figures moved by its own measures. */
	readonly pace: { readonly crossing: Measured; readonly stitches: Measured };
}

/** What of it is shown: days instead of what was pressed on them. */
export type LearntShown = Omit<Learnt, 'evenings' | 'went'> & {
	readonly evenings: readonly { readonly day: string }[];
};

/** Laps that stand far off and were not kept are left out of what is reckoned; `aside`: presses set aside. */
export function learntBy(
	{ people, level }: Pick<Class, 'people' | 'level'>,
	held: readonly HeldEvening[],
	aside: ReadonlySet<string> = new Set(),
): Learnt {
	const evenings = [...held].sort((a, b) =>
		a.evening.day < b.evening.day ? -1 : a.evening.day > b.evening.day ? 1 : 0,
	);
	const ids = people.map((p) => p.id);
	const went = evenings.map(({ presses }) => wentBy(presses, ids));
	const laps = (of: 'crossing' | 'stitches'): Lap[] => {
		const all = went.flatMap(({ laps: told }, evening) =>
			told
				.filter((lap) => lap.of === of)
				.map(({ press, person, many, seconds }) => ({
					evening,
					press,
					person,
					value: of === 'crossing' ? seconds / many : (60 * many) / seconds,
				})),
		);
		const far = farOff(all.map((l) => l.value));
		return all.map((lap, i) => ({ ...lap, isFar: far[i]! }));
	};
	const [crossings, stitches] = [laps('crossing'), laps('stitches')];
	const used = (all: readonly Lap[]): number[] => all.filter((l) => !aside.has(l.press)).map((l) => l.value);
	const steps = evenings.flatMap(({ evening }, i): StepLearnt[] =>
		evening.steps.flatMap(({ id, title, minutes }) => {
			const real = went[i]!.steps.get(id);
			return real && real.since === undefined && real.minutes > 0
				? [{ evening: i, title, planned: minutes, real: real.minutes }]
				: [];
		}),
	);
	const factors = steps.filter((s) => s.planned > 0).map((s) => s.real / s.planned);
	const pace = PACES[level];
	const squares = squaresIn(evenings.map(({ evening }, i) => ({ day: evening.day, measures: went[i]!.measures })));
	return {
		evenings,
		went,
		goals: goalsLearnt(evenings, went),
		steps,
		longer: factors.length > 0 ? shrunk(1, factors) : undefined,
		crossings,
		stitches,
		squares,
		washing: washingIn(squares),
		pieces: went.flatMap(({ pieces }, evening) => pieces.map((p) => ({ ...p, evening }))).reverse(),
		mistakes: mistakesIn(went),
		pace: { crossing: shrunk(pace.crossing, used(crossings)), stitches: shrunk(pace.stitches, used(stitches)) },
	};
}

function goalsLearnt(evenings: readonly HeldEvening[], went: readonly Went[]): GoalLearnt[] {
	const all = new Map<
		string,
		{ title: string; on: number[]; people: Map<string, { last: Outcome; times: number; evening: number }> }
	>();
	for (const [i, { evening }] of evenings.entries()) {
		for (const { id, title } of evening.goals) {
			const seen = went[i]!.outcomes.get(id);
			if (!seen) continue;
			const goal = all.get(id) ?? {
				title,
				on: [] as number[],
				people: new Map<string, { last: Outcome; times: number; evening: number }>(),
			};
			goal.title = title;
			goal.on.push(i);
			for (const [person, last] of seen)
				goal.people.set(person, { last, times: (goal.people.get(person)?.times ?? 0) + 1, evening: i });
			all.set(id, goal);
		}
	}
	return [...all].map(([id, goal]) => {
		const counts = Object.fromEntries(OUTCOMES.map((o) => [o, 0])) as Record<Outcome, number>;
		for (const { last } of goal.people.values()) counts[last] += 1;
		return { id, ...goal, counts };
	});
}

function mistakesIn(went: readonly Went[]): Learnt['mistakes'] {
	const all = new Map<MistakeId, { many: number; people: Set<string> }>();
	for (const { mistake, person } of went.flatMap((w) => w.wrongs)) {
		const one = all.get(mistake) ?? { many: 0, people: new Set<string>() };
		one.many += 1;
		if (person) one.people.add(person);
		all.set(mistake, one);
	}
	return [...all]
		.map(([mistake, { many, people }]) => ({ mistake, many, people: people.size }))
		.sort((a, b) => b.many - a.many);
}

/** How fast one person is, by their own measures and what those of their level are assumed to be. */
export function paceOf(
	person: Pick<Person, 'id' | 'level'>,
	level: Level,
	learnt: Pick<Learnt, 'crossings' | 'stitches'>,
): {
	readonly crossing: Measured;
	readonly stitches: Measured;
} {
	const assumed: Pace = PACES[person.level ?? level];
	const own = (laps: readonly Lap[]): number[] => laps.filter((l) => l.person === person.id).map((l) => l.value);
	return {
		crossing: shrunk(assumed.crossing, own(learnt.crossings)),
		stitches: shrunk(assumed.stitches, own(learnt.stitches)),
	};
}
