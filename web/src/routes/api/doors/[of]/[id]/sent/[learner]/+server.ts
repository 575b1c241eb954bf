import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { eraseSent } from '$lib/server/practice-doors';
import { doorIn, isId, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Erases what one learner sent. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const door = doorIn(params);
	return door && isId(params.learner) && (await eraseSent(teacher, door.of, door.id, params.learner))
		? json({})
		: refusal(404, 'That was erased already, or was never sent.');
};
