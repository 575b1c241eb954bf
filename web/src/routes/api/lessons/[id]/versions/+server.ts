import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { lessonVersions, readLesson } from '$lib/server/lessons';
import { isId, lessonGone, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** What the lesson was before, newest first. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	if (!isId(params.id) || !(await readLesson(teacher, params.id))) return refusal(404, lessonGone);
	return json(await lessonVersions(teacher, params.id));
};
