/** Talking to the server about lessons. Every answer is checked; a failure says what to do. */

import { LessonSchema, type Lesson, type Step } from '@pond-loop/core/schema';
import { z } from 'zod';

const Refused = z.object({ message: z.string() });
const Made = z.object({ id: z.string(), version: z.number(), title: z.string() });
const Saved = z.object({ version: z.number() });
const Current = z.object({ version: z.number(), lesson: LessonSchema });
const Stale = z.object({ message: z.string(), current: Current });
const Removed = z.object({ title: z.string() });

const KEEPALIVE_MOST = 20_000;

export type Answer<T> =
	| { readonly kind: 'ok'; readonly value: T }
	/** The server understood and said no: sending the same again will not help. */
	| { readonly kind: 'refused'; readonly message: string }
	/** No answer, or the server is in trouble: worth sending again. */
	| { readonly kind: 'unreached' };

async function send<T>(
	method: string,
	path: string,
	body: unknown,
	schema: z.ZodType<T>,
): Promise<Answer<T> | { kind: 'stale'; value: z.infer<typeof Stale> }> {
	let response: Response;
	let data: unknown;
	try {
		const text = body === undefined ? null : JSON.stringify(body);
		response = await fetch(path, {
			method,
			headers: { 'content-type': 'application/json' },
			body: text,
			// Goes on when the page is closed; browsers allow that for small bodies only.
			keepalive: (text?.length ?? 0) < KEEPALIVE_MOST,
		});
		data = await response.json();
	} catch {
		return { kind: 'unreached' };
	}
	if (response.status >= 500) return { kind: 'unreached' };
	if (response.status === 409) {
		const stale = Stale.safeParse(data);
		if (stale.success) return { kind: 'stale', value: stale.data };
	}
	if (!response.ok) {
		return {
			kind: 'refused',
			message: Refused.safeParse(data).data?.message ?? `The server refused it (${response.status}).`,
		};
	}
	const checked = schema.safeParse(data);
	return checked.success ? { kind: 'ok', value: checked.data } : { kind: 'unreached' };
}

const plain = <T>(answer: Answer<T> | { kind: 'stale' }): Answer<T> =>
	answer.kind === 'stale' ? { kind: 'unreached' } : answer;

export const createLesson = async (title: string, steps: readonly Step[] = []): Promise<Answer<z.infer<typeof Made>>> =>
	plain(await send('POST', '/api/lessons', { title, steps }, Made));

export const addStep = async (id: string, step: Step): Promise<Answer<z.infer<typeof Made>>> =>
	plain(await send('POST', `/api/lessons/${id}/steps`, { step }, Made));

export const saveLesson = (
	id: string,
	version: number,
	lesson: Lesson,
): ReturnType<typeof send<z.infer<typeof Saved>>> => send('PUT', `/api/lessons/${id}`, { version, lesson }, Saved);

export const removeLesson = async (id: string): Promise<Answer<z.infer<typeof Removed>>> =>
	plain(await send('DELETE', `/api/lessons/${id}`, undefined, Removed));

export const restoreLesson = async (id: string): Promise<Answer<object>> =>
	plain(await send('POST', `/api/lessons/${id}`, {}, z.object({})));

/** What to tell the teacher about an answer; nothing when it went well. */
export function troubleOf(answer: Answer<unknown>): string | undefined {
	switch (answer.kind) {
		case 'ok':
			return undefined;
		case 'refused':
			return answer.message;
		case 'unreached':
			return 'The server did not answer. Nothing is lost here; try again in a moment.';
	}
}
