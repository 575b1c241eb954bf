/** A lesson made from what a next evening could be about. */

import { emptyLesson, filled, type Lesson, restStep } from '../lesson/index.ts';
import { readName, type SchoolId, writtenIn } from '../notation/index.ts';
import { noteOf, type HouseStyle } from '../schema/index.ts';
import { SKILLS, type SkillId } from '../skill/index.ts';
import { crossingStep, type Step } from '../step/index.ts';
import type { Class } from './class.ts';
import type { Learnt } from './learnt.ts';
import type { Proposal } from './next.ts';
import { planFor } from './room.ts';

/** A crossing to practise a skill on, by its name in the school that has one for nearly all. */
const ON: Partial<Record<SkillId, string>> = {
	holder: '1/1 LC',
	'front-back': '2/2 LC',
	lean: '2/2 RC',
	'one-over-one': '1/1 LC',
	'two-over-two': '2/2 LC',
	'both-leans': '2/2 RC',
	travelling: '2/1 LPC',
	uneven: '2/1 LC',
	wide: '3/3 LC',
	'very-wide': '5/5 LC',
	'three-groups': '2/1/2 LC',
	tbl: '1/1 LC tbl',
	names: '2/2 LC',
	rope: '2/2 LC',
	plait: '2/2 RC',
	'no-holder': '1/1 LC',
};

function stepFor({ skill, because, kind }: Proposal, nextId: () => string, school: SchoolId): Step {
	const note = noteOf(`${because}${kind === 'ahead' ? ' The others go on with the step before.' : ''}`);
	const read = ON[skill] === undefined ? undefined : readName(ON[skill], 'slash');
	if (!read?.ok) return { id: nextId(), kind: 'note', text: noteOf(`${SKILLS.get(skill)!.title}. ${because}`) };
	const { crossing } = read;
	const asked = writtenIn(school, crossing)!;
	return { ...crossingStep(nextId(), { asked, crossing, way: 'off-holder' }), note };
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
	const steps: Step[] = proposals.map((p) => stepFor(p, nextId, style.school));
	const middle = Math.ceil(steps.length / 2);
	const lesson: Lesson = {
		...emptyLesson(`${of.title}: next`.slice(0, 120)),
		steps: [...steps.slice(0, middle), restStep(nextId()), ...steps.slice(middle)],
	};
	const given = { ...lesson, plan: planFor(lesson.plan, of, style, pace) };
	const opening = filled({ id: nextId(), kind: 'opening', text: noteOf('') }, given, style);
	return { ...given, steps: [opening, ...given.steps] };
}
