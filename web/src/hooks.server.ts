import { error, type Handle, type HandleServerError } from '@sveltejs/kit';
import { DEMO_TEACHER, readTeacher } from '$lib/server/teachers';
import { LIGHT_COOKIE, lightFrom } from '$lib/ui/light';

/** The one place that says who is signed in. */
export const handle: Handle = async ({ event, resolve }) => {
	event.locals.light = lightFrom(event.cookies.get(LIGHT_COOKIE));
	if (event.url.pathname !== '/health') {
		const teacher = await readTeacher(DEMO_TEACHER.id);
		if (!teacher) error(503, 'There is no teacher in this database yet. Start with `npm run demo`, which brings one.');
		event.locals.teacher = teacher;
	}
	return resolve(event, { transformPageChunk: ({ html }) => html.replace('%light%', event.locals.light) });
};

export const handleError: HandleServerError = ({ error: cause, status, message }) => {
	if (status !== 404) console.error(cause);
	return {
		message:
			status === 404
				? 'There is no page at this address.'
				: status < 500
					? message
					: 'Something went wrong on our side. What you wrote is still in this page; try again in a moment.',
	};
};
