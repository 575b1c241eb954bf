import { error } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { pictureAnswer, readPicture } from '$lib/server/pictures';
import { isId } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** One of the teacher's own pictures. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const found = isId(params.id) ? await readPicture(teacherOf(locals), params.id) : undefined;
	return found ? pictureAnswer(found, true) : error(404, 'That picture is not here.');
};
