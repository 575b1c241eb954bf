import { SaveSwatchSchema } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { isId, readBody, refusal, swatchGone } from '$lib/server/requests';
import { removeSwatch, restoreSwatch, saveSwatch } from '$lib/server/swatches';
import type { RequestHandler } from './$types';

/** Saves a whole swatch. 409 carries what stands there when somebody else saved first. */
export const PUT: RequestHandler = async ({ request, params, locals }) => {
	const body = await readBody(request, SaveSwatchSchema);
	if ('refused' in body) return body.refused;
	if (!isId(params.id)) return refusal(404, swatchGone);
	const result = await saveSwatch(teacherOf(locals), params.id, body.value.version, body.value.swatch);
	if (result.kind === 'saved') return json({ version: result.saved.version });
	if (result.kind === 'missing') return refusal(404, swatchGone);
	const { version, value } = result.current;
	return refusal(409, 'This swatch was changed in another window since you opened it.', {
		current: { version, swatch: value },
	});
};

export const DELETE: RequestHandler = async ({ params, locals }) => {
	const title = isId(params.id) ? await removeSwatch(teacherOf(locals), params.id) : undefined;
	return title === undefined ? refusal(404, swatchGone) : json({ title });
};

/** Brings a removed swatch back. */
export const POST: RequestHandler = async ({ params, locals }) =>
	isId(params.id) && (await restoreSwatch(teacherOf(locals), params.id)) ? json({}) : refusal(404, swatchGone);
