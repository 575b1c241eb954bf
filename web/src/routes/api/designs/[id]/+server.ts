import { json } from '@sveltejs/kit';
import { removeDesign } from '$lib/server/designs';
import { teacherOf } from '$lib/server/guard';
import { isId, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

export const DELETE: RequestHandler = async ({ params, locals }) => {
	const name = isId(params.id) ? await removeDesign(teacherOf(locals), params.id) : undefined;
	return name === undefined
		? refusal(404, 'That crossing is not here. It may have been removed; look among your own.')
		: json({ name });
};
