/** What is done with classes and evenings, of which little comes back. */

import type { GaugeOf } from '@pond-loop/core/fabric';
import { DONE, fields } from '$lib/save/answers';
import { send, sendText, type SendAnswer } from '$lib/save/send';

const MADE = fields({ id: 'string', version: 'number', title: 'string' });
const BEGUN = fields({ id: 'string' });

export const createClass = (title: string): Promise<SendAnswer<{ readonly id: string }>> =>
	send('POST', '/api/classes', { title }, MADE);

export const removeClass = (id: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/api/classes/${id}`, undefined, DONE);

export const erasePerson = (id: string, person: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/api/classes/${id}/people/${person}`, undefined, DONE);

/** `id`: the page's own, so that asked twice it is begun once. */
export const beginEvening = (
	classId: string,
	told: { readonly id: string; readonly day: string; readonly lesson?: string },
): Promise<SendAnswer<{ readonly id: string }>> => send('POST', `/api/classes/${classId}/evenings`, told, BEGUN);

export const removeEvening = (id: string): Promise<SendAnswer<object>> =>
	send('DELETE', `/api/evenings/${id}`, undefined, DONE);

export const giveRoom = (id: string, lesson: string, day: string): Promise<SendAnswer<object>> =>
	send('POST', `/api/classes/${id}/room`, { lesson, ...(day === '' ? {} : { day }) }, DONE);

export const makeNext = (id: string, skills: readonly string[]): Promise<SendAnswer<{ readonly id: string }>> =>
	send('POST', `/api/classes/${id}/next`, { skills }, BEGUN);

interface SquaresCounted {
	readonly yarn: string;
	readonly of: GaugeOf;
	readonly stitches: number | null;
	readonly rows: number | null;
}

/** The squares that a class measured, into a yarn of the drawer. */
export const putSquares = (
	id: string,
	counted: SquaresCounted,
): Promise<SendAnswer<{ readonly taken: number; readonly left: number }>> =>
	send('POST', `/api/classes/${id}/squares`, counted, fields({ taken: 'number', left: 'number' }));

/** The text of a class's file, as it is. */
export const takeFile = (text: string): Promise<SendAnswer<{ readonly id: string }>> =>
	sendText('/api/classes/file', text, BEGUN);
