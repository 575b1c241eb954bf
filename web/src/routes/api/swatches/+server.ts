import { NewSwatchSchema } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { readBody } from '$lib/server/requests';
import { createSwatch } from '$lib/server/swatches';
import type { RequestHandler } from './$types';

/** Keeps a new swatch. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, NewSwatchSchema);
	if ('refused' in body) return body.refused;
	const made = await createSwatch(teacherOf(locals), body.value.swatch);
	return json({ id: made.id, version: made.version, title: made.swatch.title }, { status: 201 });
};
