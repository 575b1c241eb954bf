import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { eraseAllSent } from '$lib/server/practice-doors';
import { doorGone, doorIn, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Erases all that was sent through a practice link. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const door = doorIn(params);
	if (!door) return refusal(404, doorGone(params));
	await eraseAllSent(teacherOf(locals), door.of, door.id);
	return json({});
};
