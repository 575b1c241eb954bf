import { NewLessonSchema } from '@pond-loop/core/lesson';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { createLesson } from '$lib/server/lessons';
import { readBody } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Makes a lesson, with its first step when there is one. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, NewLessonSchema);
	if ('refused' in body) return body.refused;
	const made = await createLesson(teacherOf(locals), body.value.title, body.value.steps);
	return json({ id: made.id, version: made.version, title: made.lesson.title }, { status: 201 });
};
