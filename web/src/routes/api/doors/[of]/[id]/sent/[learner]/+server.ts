import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { DOORS_OF, eraseSent } from '$lib/server/practice-doors';
import { isId, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Erases what one learner sent. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const of = DOORS_OF.find((d) => d === params.of);
	const gone =
		of && isId(params.id) && isId(params.learner) && (await eraseSent(teacher, of, params.id, params.learner));
	return gone ? json({}) : refusal(404, 'That was erased already, or was never sent.');
};
