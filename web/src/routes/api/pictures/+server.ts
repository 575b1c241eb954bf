import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { keepPicture } from '$lib/server/pictures';
import { refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** A picture as the body, to be kept. What it is, is told from its bytes. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const teacher = teacherOf(locals);
	const kept = await keepPicture(teacher, new Uint8Array(await request.arrayBuffer()));
	return 'says' in kept ? refusal(400, kept.says) : json(kept, { status: 201 });
};
