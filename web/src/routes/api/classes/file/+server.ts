import { ClassFileSchema } from '@pond-loop/core/class';
import { json } from '@sveltejs/kit';
import { putClass } from '$lib/server/classes';
import { transaction } from '$lib/server/database';
import { teacherOf } from '$lib/server/guard';
import { Full } from '$lib/server/quota';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Takes a class in from its file, all or nothing: as a new one, or joined with the one that it was written from. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, ClassFileSchema);
	if ('refused' in body) return body.refused;
	try {
		return json({ id: await transaction((on) => putClass(teacherOf(locals), body.value, on)) }, { status: 201 });
	} catch (error) {
		if (error instanceof Full) return refusal(409, error.says);
		throw error;
	}
};
