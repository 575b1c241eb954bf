import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { erase } from '$lib/server/documents';
import { teacherOf } from '$lib/server/guard';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const Erased = z.object({ kind: z.enum(['lessons', 'swatches']), id: z.uuid() });

/** Erases for good what was removed before, with its earlier versions. */
export const DELETE: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, Erased);
	if ('refused' in body) return body.refused;
	const many = await erase(teacherOf(locals), body.value.kind, body.value.id);
	return many > 0 ? json({}) : refusal(404, 'That is not among what you removed.');
};
