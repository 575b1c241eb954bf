import { SaveHouseStyleSchema } from '@pond-loop/core/schema';
import { SCHOOL_IDS } from '@pond-loop/core/notation';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { teacherOf } from '$lib/server/guard';
import { changeHouseStyle, saveHouseStyle } from '$lib/server/house-styles';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Saves the house style. 409 carries what stands there when another window saved first. */
export const PUT: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, SaveHouseStyleSchema);
	if ('refused' in body) return body.refused;
	const result = await saveHouseStyle(teacherOf(locals), body.value.version, body.value.style);
	if (result.kind === 'saved') return json({ version: result.version });
	return refusal(409, 'Settings was changed in another window since you opened it.', {
		current: result.current,
	});
};

/** Changes the school alone. What a page knows of the style is not all of it, so nothing else is taken from there. */
export const PATCH: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, z.object({ school: z.enum(SCHOOL_IDS) }));
	if ('refused' in body) return body.refused;
	const { school } = body.value;
	const done = await changeHouseStyle(teacherOf(locals), (style) => ({ ...style, school }));
	return done ? json({}) : refusal(409, 'Settings is being changed in other windows. Try again.');
};
