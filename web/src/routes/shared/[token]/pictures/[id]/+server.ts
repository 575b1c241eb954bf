import { error } from '@sveltejs/kit';
import { pictureAnswer, readSharedPicture } from '$lib/server/pictures';
import { isId } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** A picture of the lesson behind a link; a link that was withdrawn shows none. */
export const GET: RequestHandler = async ({ params }) => {
	const found = isId(params.id) ? await readSharedPicture(params.token, params.id) : undefined;
	return found ? pictureAnswer(found, false) : error(404, 'That picture is not here.');
};
