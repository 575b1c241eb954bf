/** Classes and evenings as they are saved and read, checked by their schemas. */

import { ClassSchema, EveningSchema, PressSchema, type Class, type Press } from '@pond-loop/core/class';
import { z } from 'zod';
import type { Stored } from '$lib/save/autosave.svelte';
import { send, type SendAnswer } from '$lib/save/send';

const Saved = z.object({ version: z.number() });
const Current = z
	.object({ version: z.number(), class: ClassSchema })
	.transform(({ version, class: value }): Stored<Class> => ({ version, value }));

export const saveClass = (
	id: string,
	version: number,
	value: Class,
): Promise<SendAnswer<z.infer<typeof Saved>, Stored<Class>>> =>
	send('PUT', `/api/classes/${id}`, { version, class: value }, Saved, Current);

const Meant = z.object({ class: ClassSchema, evenings: z.array(EveningSchema) });

/** What the evenings of a class can begin with. */
export const meantFor = (classId: string): Promise<SendAnswer<z.infer<typeof Meant>>> =>
	send('GET', `/api/classes/${classId}/evenings`, undefined, Meant);

const News = z.object({ seq: z.number(), presses: z.array(PressSchema) });

export const sendPresses = (
	id: string,
	presses: readonly Press[],
	since: number,
): Promise<SendAnswer<z.infer<typeof News>>> => send('POST', `/api/evenings/${id}/presses`, { presses, since }, News);
