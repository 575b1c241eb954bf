/** What is done with lessons from elsewhere than their own page. */

import type { Step } from '@pond-loop/core/step';
import { DONE, fields } from '$lib/save/answers';
import { send, type SendAnswer } from '$lib/save/send';

interface CreatedLesson {
	readonly id: string;
	readonly version: number;
	readonly title: string;
}
const MADE = fields({ id: 'string', version: 'number', title: 'string' });
const REMOVED = fields({ title: 'string' });

export const createLesson = (title: string, steps: readonly Step[] = []): Promise<SendAnswer<CreatedLesson>> =>
	send('POST', '/api/lessons', { title, steps }, MADE);

export const addStep = (id: string, step: Step): Promise<SendAnswer<CreatedLesson>> =>
	send('POST', `/api/lessons/${id}/steps`, { step }, MADE);

export const removeLesson = (id: string): Promise<SendAnswer<{ readonly title: string }>> =>
	send('DELETE', `/api/lessons/${id}`, undefined, REMOVED);

export const restoreLesson = (id: string): Promise<SendAnswer<object>> => send('POST', `/api/lessons/${id}`, {}, DONE);

export const shareLesson = (id: string): Promise<SendAnswer<{ token: string }>> =>
	send('PUT', `/api/lessons/${id}/share`, {}, fields({ token: 'string' }));

export const withdrawShare = (id: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/api/lessons/${id}/share`, undefined, DONE);
