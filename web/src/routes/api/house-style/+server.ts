import { SaveHouseStyleSchema } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { saveHouseStyle } from '$lib/server/house-styles';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Saves the house style. 409 carries what stands there when another window saved first. */
export const PUT: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, SaveHouseStyleSchema);
	if ('refused' in body) return body.refused;
	const result = await saveHouseStyle(teacherOf(locals), body.value.version, body.value.style);
	if (result.kind === 'saved') return json({ version: result.version });
	return refusal(409, 'The house style was changed in another window since you opened it.', {
		current: result.current,
	});
};
