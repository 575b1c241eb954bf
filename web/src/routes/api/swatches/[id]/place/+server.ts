import { PlaceSchema } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { isId, readBody, refusal, swatchGone } from '$lib/server/requests';
import { savePlace } from '$lib/server/swatches';
import type { RequestHandler } from './$types';

/** Keeps how many rows are finished at the needles. */
export const PUT: RequestHandler = async ({ request, params, locals }) => {
	const body = await readBody(request, PlaceSchema);
	if ('refused' in body) return body.refused;
	const kept = isId(params.id) && (await savePlace(teacherOf(locals), params.id, body.value.place));
	return kept ? json({ place: body.value.place }) : refusal(404, swatchGone);
};
