/** How a lesson begins: its opening and its materials, told from what stands in it. */

import { noteList, type HouseStyle } from '../schema/index.ts';
import { broughtBy, SKILLS, withNeeds, type SkillId } from '../skill/index.ts';
import { taughtBy, type Step, type StepOf } from '../step/index.ts';
import { amount, kitFor } from './kit.ts';
import type { Lesson } from './schema.ts';

type Beginning = StepOf<'opening' | 'materials'>;

export const isBeginning = (step: Step): step is Beginning => step.kind === 'opening' || step.kind === 'materials';

/** What one evening can be about, so that a goal stays one. */
const MOST_GOALS = 5;

/** What the class learns in a lesson that it cannot do yet, in the order of the steps. */
export function goalsOf({ steps, plan }: Pick<Lesson, 'steps' | 'plan'>, glossary: string): readonly SkillId[] {
	const known = new Set([...broughtBy(plan.level), ...(plan.known ?? []).flatMap(withNeeds)]);
	return [...new Set(steps.flatMap((step) => taughtBy(step, glossary)))].filter((skill) => !known.has(skill));
}

/** A beginning filled from what the lesson teaches and what its class brings; as it was where there is nothing to tell. */
export function filled(step: Beginning, lesson: Lesson, style: HouseStyle): Beginning {
	const lines =
		step.kind === 'opening'
			? goalsOf(lesson, style.glossary)
					.slice(0, MOST_GOALS)
					.map((skill) => SKILLS.get(skill)!.title)
			: kitFor(lesson, style).map(({ what, each, unit, all }) =>
					each > 0 ? `${what}: ${amount(each, unit)} each` : `${what}: ${amount(all, unit)} for all`,
				);
	if (lesson.steps.length === 0 || lines.length === 0) return step;
	return { ...step, text: noteList(step.kind === 'opening' ? 'By the end of the session:' : 'To lay out:', lines) };
}

/** Where a beginning stands: the opening first, and the materials after it. */
export const placeOf = (step: Beginning, { steps }: Pick<Lesson, 'steps'>): number =>
	step.kind === 'opening' ? 0 : steps.findIndex((s) => s.kind === 'opening') + 1;
