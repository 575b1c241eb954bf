/** What the forms of an account share on the server. */

import type { RequestEvent } from '@sveltejs/kit';
import { message, type SuperValidated } from 'sveltekit-superforms';
import { browserName } from './browser-name';
import { isAway } from './database';
import { TooBusy } from './passwords';
import { keepToken } from './session-cookie';
import { endSession, startSession } from './sessions';
import type { Teacher } from './teachers';

export const browserOf = ({ request }: Pick<RequestEvent, 'request'>): string =>
	browserName(request.headers.get('user-agent'));

/** Signs a teacher in: a new token each time, and whoever was signed in here before is out. */
export async function enter(event: RequestEvent, teacher: Teacher): Promise<void> {
	const { session } = event.locals;
	if (session) await endSession(session.teacher, session.id);
	keepToken(event, await startSession(teacher, browserOf(event)));
}

/** Answers a form with words above it; what was typed stays, passwords excepted. */
export const say = <T extends Record<string, unknown>>(
	form: SuperValidated<T>,
	status: 400 | 401 | 403 | 409 | 429 | 503,
	words: string,
): ReturnType<typeof message<string, T, T>> => message(form, words, { status });

/** Does the work of a form; when the database or the processor cannot, the form comes back as it was. */
export async function attempt<T extends Record<string, unknown>, R>(
	form: SuperValidated<T>,
	work: () => Promise<R>,
): Promise<R | ReturnType<typeof say<T>>> {
	try {
		return await work();
	} catch (error) {
		if (error instanceof TooBusy) return say(form, 503, 'Many people are signing in just now. Try again in a moment.');
		if (isAway(error))
			return say(form, 503, 'The database does not answer. Nothing was changed; try again in a moment.');
		throw error;
	}
}
