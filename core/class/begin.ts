/** An evening before it begins: the steps and goals of its lesson. */

import { goalsOf, minutesOf, type Lesson } from '../lesson/index.ts';
import { stepTitle } from '../step/index.ts';
import type { SkillId } from '../skill/index.ts';
import type { Class } from './class.ts';
import { EVENING_FORMAT, EVENING_LIMITS, goalOf, type Evening } from './evening.ts';

/** What is looked at where a lesson says no goal. */
const USUAL: readonly SkillId[] = ['front-back', 'lean', 'count-rows'];

/** `given`: the lesson under its id; none for an evening without one. */
export function eveningFor(
	{ level }: Pick<Class, 'level'>,
	day: string,
	glossary: string,
	given?: { readonly id: string; readonly lesson: Lesson },
): Evening {
	const head = { format: EVENING_FORMAT.name, version: EVENING_FORMAT.version, day };
	if (!given) return { ...head, title: 'A session', steps: [], goals: USUAL.map(goalOf) };
	const { id, lesson } = given;
	const goals = goalsOf({ ...lesson, plan: { ...lesson.plan, level } }, glossary);
	return {
		...head,
		title: lesson.title.slice(0, EVENING_LIMITS.title),
		lesson: id,
		steps: lesson.steps.map((s) => ({
			id: s.id,
			title: stepTitle(s).slice(0, 200),
			minutes: minutesOf(s, lesson.plan, glossary),
		})),
		goals: (goals.length > 0 ? goals : USUAL).slice(0, EVENING_LIMITS.goals).map(goalOf),
	};
}
