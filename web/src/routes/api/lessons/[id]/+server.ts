import { SaveLessonSchema } from '@pond-loop/core/lesson';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { removeLesson, restoreLesson, saveLesson } from '$lib/server/lessons';
import { isId, lessonGone, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Saves a whole lesson. 409 carries what stands there when somebody else saved first. */
export const PUT: RequestHandler = async ({ request, params, locals }) => {
	const body = await readBody(request, SaveLessonSchema);
	if ('refused' in body) return body.refused;
	if (!isId(params.id)) return refusal(404, lessonGone);
	const result = await saveLesson(teacherOf(locals), params.id, body.value.version, body.value.lesson);
	switch (result.kind) {
		case 'saved':
			return json({ version: result.saved.version });
		case 'missing':
			return refusal(404, lessonGone);
		case 'stale':
			return refusal(409, 'This lesson was changed in another window since you opened it.', {
				current: { version: result.current.version, lesson: result.current.lesson },
			});
	}
};

export const DELETE: RequestHandler = async ({ params, locals }) => {
	const title = isId(params.id) ? await removeLesson(teacherOf(locals), params.id) : undefined;
	return title === undefined ? refusal(404, lessonGone) : json({ title });
};

/** Brings a removed lesson back. */
export const POST: RequestHandler = async ({ params, locals }) => {
	const back = isId(params.id) && (await restoreLesson(teacherOf(locals), params.id));
	return back ? json({}) : refusal(404, lessonGone);
};
