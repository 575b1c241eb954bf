/** What is done with doors to practice: by a learner behind one, and by the teacher whose it is. */

import type { PracticeDoor, PracticeSummary } from '@pond-loop/core/practice';
import { DONE, fields } from '$lib/save/answers';
import { send, type SendAnswer } from '$lib/save/send';

export const sendSummary = (token: string, learner: string, summary: PracticeSummary): Promise<SendAnswer<object>> =>
	send('POST', `/practice/${token}/sent`, { learner, summary }, DONE);

export const takeBack = (token: string, learner: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/practice/${token}/sent`, { learner }, DONE);

/** `at`: `lessons/…` or `classes/…`. */
export const openDoor = (at: string, door: PracticeDoor): Promise<SendAnswer<{ readonly token: string }>> =>
	send('PUT', `/api/doors/${at}`, door, fields({ token: 'string' }));

export const closeDoor = (at: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/api/doors/${at}`, undefined, DONE);

export const renewDoor = (at: string): Promise<SendAnswer<{ readonly token: string }>> =>
	send('POST', `/api/doors/${at}`, {}, fields({ token: 'string' }));

export const eraseAllSent = (at: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/api/doors/${at}/sent`, undefined, DONE);

export const eraseSent = (at: string, learner: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/api/doors/${at}/sent/${learner}`, undefined, DONE);
