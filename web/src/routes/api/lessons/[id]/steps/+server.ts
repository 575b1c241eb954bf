import { AddStepSchema, LESSON_LIMITS } from '@pond-loop/core/lesson';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { appendStep } from '$lib/server/lessons';
import { isId, lessonGone, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Adds one step at the end. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await readBody(request, AddStepSchema);
	if ('refused' in body) return body.refused;
	if (!isId(params.id)) return refusal(404, lessonGone);
	const result = await appendStep(teacherOf(locals), params.id, body.value.step);
	switch (result.kind) {
		case 'saved':
			return json(
				{ id: result.saved.id, version: result.saved.version, title: result.saved.lesson.title },
				{ status: 201 },
			);
		case 'missing':
			return refusal(404, lessonGone);
		case 'full':
			return refusal(409, `That lesson has ${LESSON_LIMITS.steps} steps already. Keep this in another one.`);
	}
};
