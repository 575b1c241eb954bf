/** Saving a lesson, and what it was before. */

import { type Lesson, LessonSchema } from '@pond-loop/core/lesson';
import { z } from 'zod';
import type { Stored } from '$lib/save/autosave.svelte';
import { send, type SendAnswer } from '$lib/save/send';
import { versionsAt } from '$lib/save/versions';

const Saved = z.object({ version: z.number() });
const Current = z
	.object({ version: z.number(), lesson: LessonSchema })
	.transform(({ version, lesson }): Stored<Lesson> => ({ version, value: lesson }));

export const saveLesson = (
	id: string,
	version: number,
	lesson: Lesson,
): Promise<SendAnswer<z.infer<typeof Saved>, Stored<Lesson>>> =>
	send('PUT', `/api/lessons/${id}`, { version, lesson }, Saved, Current);

export const versionsOf = (id: string): ReturnType<typeof versionsAt<Lesson>> =>
	versionsAt(`/api/lessons/${id}`, LessonSchema);
