import { SaveClassSchema } from '@pond-loop/core/class';
import { json } from '@sveltejs/kit';
import { removeClass, saveClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { classGone, isId, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Saves a class; one that was saved in between is answered with what stands there. */
export const PUT: RequestHandler = async ({ params, request, locals }) => {
	const body = await readBody(request, SaveClassSchema);
	if ('refused' in body) return body.refused;
	if (!isId(params.id)) return refusal(404, classGone);
	const result = await saveClass(teacherOf(locals), params.id, body.value.version, body.value.class);
	switch (result.kind) {
		case 'saved':
			return json({ version: result.version });
		case 'stale':
			return refusal(409, 'This class was changed in another window since you opened it. Compare the two.', {
				current: { version: result.current.version, class: result.current.class },
			});
		case 'missing':
			return refusal(404, classGone);
	}
};

/** Removes a class with its people and its evenings, for good. */
export const DELETE: RequestHandler = async ({ params, locals }) =>
	isId(params.id) && (await removeClass(teacherOf(locals), params.id)) ? json({}) : refusal(404, classGone);
