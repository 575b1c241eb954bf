import { CLASS_LIMITS, NewClassSchema } from '@pond-loop/core/class';
import { json } from '@sveltejs/kit';
import { createClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Keeps a new class. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, NewClassSchema);
	if ('refused' in body) return body.refused;
	const made = await createClass(teacherOf(locals), body.value.title);
	return made
		? json({ id: made.id, version: made.version, title: made.class.title }, { status: 201 })
		: refusal(409, `At most ${CLASS_LIMITS.many} classes are kept. Remove one first.`);
};
