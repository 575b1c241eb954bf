/** A lesson made from what a next evening could be about. */

import { PLACES } from '../craft/index.ts';
import { emptyLesson, filled, type Lesson, restStep } from '../lesson/index.ts';
import { type SchoolId, writtenIn } from '../notation/index.ts';
import { noteOf, type HouseStyle } from '../schema/index.ts';
import { SKILLS } from '../skill/index.ts';
import { crossingStep, type Step } from '../step/index.ts';
import type { Class } from './class.ts';
import { exampleOf } from './example.ts';
import type { Learnt } from './learnt.ts';
import type { Proposal } from './next.ts';
import { planFor } from './room.ts';

/** A step on what is proposed; why it is proposed stays with the teacher. */
function stepFor(
	{ skill, because, kind, people }: Proposal,
	of: Pick<Class, 'people'>,
	nextId: () => string,
	school: SchoolId,
): Step {
	const why = `${because}${kind === 'ahead' ? ' The others go on with the step before.' : ''}`.slice(0, 600);
	const places = new Set(of.people.filter((p) => people?.includes(p.id)).map((p) => p.at));
	const only = kind === 'new' && places.size > 0 ? { only: PLACES.filter((place) => places.has(place)) } : {};
	const crossing = exampleOf(skill);
	if (!crossing) return { id: nextId(), kind: 'note', text: noteOf(`${SKILLS.get(skill)!.title}.`), why, ...only };
	const asked = writtenIn(school, crossing)!;
	return { ...crossingStep(nextId(), { asked, crossing, way: 'off-holder' }), why, ...only };
}

/** What comes again first, then what is new; a rest between, and a question at the end. */
export function lessonFrom(
	of: Class,
	proposals: readonly Proposal[],
	{
		style,
		nextId,
		pace,
	}: { readonly style: HouseStyle; readonly nextId: () => string; readonly pace?: Learnt['pace'] },
): Lesson {
	const steps: Step[] = proposals.map((p) => stepFor(p, of, nextId, style.school));
	const middle = Math.ceil(steps.length / 2);
	const lesson: Lesson = {
		...emptyLesson(`${of.title}: next`.slice(0, 120)),
		steps: [...steps.slice(0, middle), restStep(nextId()), ...steps.slice(middle)],
	};
	const given = { ...lesson, plan: { ...planFor(lesson.plan, of, style, pace), minutes: of.minutes } };
	const opening = filled({ id: nextId(), kind: 'opening', text: noteOf('') }, given, style);
	return { ...given, steps: [opening, ...given.steps] };
}
