/** What the forms of an account share on the server. */

import { uncleanAt } from '@pond-loop/core/schema';
import { error, type RequestEvent } from '@sveltejs/kit';
import { message, setError, superValidate, type SuperValidated } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { browserName } from './browser-name';
import { isAway } from './database';
import type { z } from 'zod';
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

/** The fields of a form that was sent; refused in words when they cannot be read as such. */
export async function fieldsOf(request: Request): Promise<FormData> {
	try {
		return await request.formData();
	} catch {
		return error(400, 'The form could not be read. Reload the page and send it again.');
	}
}

/** A form checked against its schema, and for signs that cannot be kept. */
export async function formOf<S extends z.ZodObject>(request: Request, schema: S): Promise<SuperValidated<z.infer<S>>> {
	const fields = await fieldsOf(request);
	let form: SuperValidated<z.infer<S>>;
	try {
		form = (await superValidate(fields, zod4(schema as never))) as SuperValidated<z.infer<S>>;
	} catch {
		return error(400, 'The form could not be read. Reload the page and send it again.');
	}
	for (const [key, value] of Object.entries(form.data)) {
		const found = typeof value === 'string' && !/password|current/.test(key) ? uncleanAt(value) : undefined;
		if (found)
			setError(form, key as never, `At sign ${found.at + 1} stands ${found.what}, which cannot be kept. Take it out.`);
	}
	return form;
}

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
