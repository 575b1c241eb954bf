/** Changes to a lesson: pure, each giving a new lesson and leaving the old one whole, so that undo is free. */

import type { Note } from '../schema/index.ts';
import { isText, type Step } from '../step/index.ts';
import { DEFAULT_PLAN, LESSON_FORMAT, type Lesson, type Plan } from './schema.ts';

export const emptyLesson = (title: string): Lesson => ({
	format: LESSON_FORMAT.name,
	version: LESSON_FORMAT.version,
	title,
	plan: DEFAULT_PLAN,
	steps: [],
});

export const rename = (lesson: Lesson, title: string): Lesson => ({ ...lesson, title });

export const addStep = (lesson: Lesson, step: Step): Lesson => ({ ...lesson, steps: [...lesson.steps, step] });

export const removeStep = (lesson: Lesson, id: string): Lesson => ({
	...lesson,
	steps: lesson.steps.filter((s) => s.id !== id),
});

/** Moves a step by so many places; stays within the lesson. */
export function moveStep(lesson: Lesson, id: string, by: number): Lesson {
	const from = lesson.steps.findIndex((s) => s.id === id);
	const to = Math.max(0, Math.min(lesson.steps.length - 1, from + by));
	const step = lesson.steps[from];
	if (!step || to === from) return lesson;
	const steps = lesson.steps.filter((s) => s.id !== id);
	return { ...lesson, steps: [...steps.slice(0, to), step, ...steps.slice(to)] };
}

/** Writes on a step: its note, or the text that it is. */
export function writeNote(lesson: Lesson, id: string, note: Note): Lesson {
	const write = (s: Step): Step => (isText(s) ? { ...s, text: note } : { ...s, note });
	return { ...lesson, steps: lesson.steps.map((s) => (s.id === id ? write(s) : s)) };
}

/** The same step again behind it, under another id. */
export function duplicateStep(lesson: Lesson, id: string, as: string): Lesson {
	const steps = lesson.steps.flatMap((s) => (s.id === id ? [s, { ...s, id: as }] : [s]));
	return { ...lesson, steps };
}

/** Puts a step at a place, from 0. */
export const insertAt = (lesson: Lesson, place: number, step: Step): Lesson => ({
	...lesson,
	steps: lesson.steps.toSpliced(place, 0, step),
});

/** Puts a step before another one. */
export const insertBefore = (lesson: Lesson, id: string, step: Step): Lesson => ({
	...lesson,
	steps: lesson.steps.flatMap((s) => (s.id === id ? [step, s] : [s])),
});

export const insertAfter = (lesson: Lesson, id: string, step: Step): Lesson => ({
	...lesson,
	steps: lesson.steps.flatMap((s) => (s.id === id ? [s, step] : [s])),
});

/** All steps in another order; ids that are none of its steps are passed over. */
export function reorder(lesson: Lesson, ids: readonly string[]): Lesson {
	const byId = new Map(lesson.steps.map((s) => [s.id, s]));
	const steps = ids.flatMap((id) => byId.get(id) ?? []);
	return steps.length === lesson.steps.length ? { ...lesson, steps } : lesson;
}

/** Changes one step; its kind and its id stay. */
export const changeStep = <K extends Step['kind']>(
	lesson: Lesson,
	id: string,
	kind: K,
	change: Partial<Omit<Extract<Step, { kind: K }>, 'id' | 'kind'>>,
): Lesson => ({
	...lesson,
	steps: lesson.steps.map((s) => (s.id === id && s.kind === kind ? ({ ...s, ...change } as Step) : s)),
});

/** Minutes that the teacher sets for a step; `undefined` lets them be reckoned again. */
export function setMinutes(lesson: Lesson, id: string, minutes: number | undefined): Lesson {
	const set = (s: Step): Step => {
		const { minutes: _, ...rest } = s;
		return (minutes === undefined ? rest : { ...rest, minutes }) as Step;
	};
	return { ...lesson, steps: lesson.steps.map((s) => (s.id === id ? set(s) : s)) };
}

export const setPlan = (lesson: Lesson, plan: Partial<Plan>): Lesson => ({
	...lesson,
	plan: { ...lesson.plan, ...plan },
});
