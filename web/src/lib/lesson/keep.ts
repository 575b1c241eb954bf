import { type Lesson, LessonSchema } from '@pond-loop/core/lesson';
import { Autosave } from '$lib/save/autosave.svelte';
import { saveLesson } from './api';

export interface OpenedLesson {
	readonly id: string;
	readonly version: number;
	readonly lesson: Lesson;
}

/** One open lesson on its way to the server. */
export const keepLesson = ({ id, version, lesson }: OpenedLesson): Autosave<Lesson> =>
	new Autosave(
		{ key: id, schema: LessonSchema, send: (v, value) => saveLesson(id, v, value) },
		{ version, value: lesson },
	);
