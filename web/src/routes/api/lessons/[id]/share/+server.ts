import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { isId, lessonGone, refusal } from '$lib/server/requests';
import { shareLesson, withdrawShare } from '$lib/server/shares';
import type { RequestHandler } from './$types';

/** A link to read the lesson by: a new one, or the one that there is. */
export const PUT: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const token = isId(params.id) ? await shareLesson(teacher, params.id) : undefined;
	return token ? json({ token }) : refusal(404, lessonGone);
};

/** Withdraws the link. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const gone = isId(params.id) && (await withdrawShare(teacher, params.id));
	return gone ? json({}) : refusal(404, 'There is no link to this lesson; nobody can read it by one.');
};
