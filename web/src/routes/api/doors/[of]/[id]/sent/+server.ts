import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { doorOf, eraseAllSent } from '$lib/server/practice-doors';
import { doorGone, doorIn, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Erases all that was sent through a practice link. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const door = doorIn(params);
	if (!door || !(await doorOf(teacher, door.of, door.id))) return refusal(404, doorGone(params));
	await eraseAllSent(teacher, door.of, door.id);
	return json({});
};
