import { json } from '@sveltejs/kit';
import { removeEvening } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { eveningGone, isId, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Removes an evening with all that was pressed at it, for good. */
export const DELETE: RequestHandler = async ({ params, locals }) =>
	isId(params.id) && (await removeEvening(teacherOf(locals), params.id)) ? json({}) : refusal(404, eveningGone);
