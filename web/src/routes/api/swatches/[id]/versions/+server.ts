import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { isId, refusal, swatchGone } from '$lib/server/requests';
import { placeOf, swatchVersions } from '$lib/server/swatches';
import type { RequestHandler } from './$types';

/** What the swatch was before, newest first. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	if (!isId(params.id) || (await placeOf(teacher, params.id)) === undefined) return refusal(404, swatchGone);
	return json(await swatchVersions(teacher, params.id));
};
