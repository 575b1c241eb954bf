/** The addresses of lessons. */

import { type Lesson, LessonSchema } from '@pond-loop/core/lesson';
import type { Step } from '@pond-loop/core/step';
import { z } from 'zod';
import { send, type Answer } from '$lib/save/send';
import { versionsAt } from '$lib/save/versions';
import type { Stored } from '$lib/save/autosave.svelte';

const Made = z.object({ id: z.string(), version: z.number(), title: z.string() });
const Saved = z.object({ version: z.number() });
const Current = z
	.object({ version: z.number(), lesson: LessonSchema })
	.transform(({ version, lesson }): Stored<Lesson> => ({ version, value: lesson }));
const Removed = z.object({ title: z.string() });

export const createLesson = (title: string, steps: readonly Step[] = []): Promise<Answer<z.infer<typeof Made>>> =>
	send('POST', '/api/lessons', { title, steps }, Made);

export const addStep = (id: string, step: Step): Promise<Answer<z.infer<typeof Made>>> =>
	send('POST', `/api/lessons/${id}/steps`, { step }, Made);

export const saveLesson = (
	id: string,
	version: number,
	lesson: Lesson,
): Promise<Answer<z.infer<typeof Saved>, Stored<Lesson>>> =>
	send('PUT', `/api/lessons/${id}`, { version, lesson }, Saved, Current);

export const removeLesson = (id: string): Promise<Answer<z.infer<typeof Removed>>> =>
	send('DELETE', `/api/lessons/${id}`, undefined, Removed);

export const restoreLesson = (id: string): Promise<Answer<object>> =>
	send('POST', `/api/lessons/${id}`, {}, z.object({}));

export const shareLesson = (id: string): Promise<Answer<{ token: string }>> =>
	send('PUT', `/api/lessons/${id}/share`, {}, z.object({ token: z.string() }));

export const withdrawShare = (id: string): Promise<Answer<object>> =>
	send('DELETE', `/api/lessons/${id}/share`, undefined, z.object({}));

export const versionsOf = (id: string): ReturnType<typeof versionsAt<Lesson>> =>
	versionsAt(`/api/lessons/${id}`, LessonSchema);
