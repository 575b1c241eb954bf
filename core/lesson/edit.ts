/** Changes to a lesson: pure, each giving a new lesson and leaving the old one whole, so that undo is free. */

import type { CrossingStep, Lesson, Step } from '../schema/index.ts';

export const emptyLesson = (title: string): Lesson => ({ format: 'pond-loop/lesson', version: 1, title, steps: [] });

export const rename = (lesson: Lesson, title: string): Lesson => ({ ...lesson, title });

/** A step that shows a crossing one way, with nothing written on it yet. */
export const crossingStep = (
	id: string,
	shown: Pick<CrossingStep, 'asked' | 'crossing' | 'way' | 'view'>,
): CrossingStep => ({
	id,
	kind: 'crossing',
	craft: 'hand',
	...shown,
	note: '',
});

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

/** Writes on a step: the note of a crossing, or the text of a note. */
export function writeNote(lesson: Lesson, id: string, text: string): Lesson {
	const write = (s: Step): Step => (s.kind === 'note' ? { ...s, text } : { ...s, note: text });
	return { ...lesson, steps: lesson.steps.map((s) => (s.id === id ? write(s) : s)) };
}

export function chooseWay(lesson: Lesson, id: string, way: CrossingStep['way']): Lesson {
	const choose = (s: Step): Step => (s.id === id && s.kind === 'crossing' ? { ...s, way } : s);
	return { ...lesson, steps: lesson.steps.map(choose) };
}
