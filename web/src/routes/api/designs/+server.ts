import { DESIGN_LIMITS, DesignSchema } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { designsOf, saveDesign } from '$lib/server/designs';
import { teacherOf } from '$lib/server/guard';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ locals }) => json(await designsOf(teacherOf(locals)));

/** Keeps a crossing of one's own under a name; the same id again changes it. */
export const PUT: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, DesignSchema);
	if ('refused' in body) return body.refused;
	switch (await saveDesign(teacherOf(locals), body.value)) {
		case 'saved':
			return json({ id: body.value.id });
		case 'taken':
			return refusal(409, `You have a crossing called “${body.value.name}” already. Give this one another name.`);
		case 'full':
			return refusal(409, `At most ${DESIGN_LIMITS.many} crossings of your own are kept. Remove one first.`);
	}
};
