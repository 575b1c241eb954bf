import { NewOwnWaySchema, OwnWaySchema } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { readBody, refusal } from '$lib/server/requests';
import { keepWay } from '$lib/server/ways';
import type { RequestHandler } from './$types';

/** Keeps a way of the teacher's own; its moves are run first, and what they do not make is refused. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, NewOwnWaySchema);
	if ('refused' in body) return body.refused;
	const proved = OwnWaySchema.safeParse({ id: crypto.randomUUID(), ...body.value });
	if (!proved.success) return refusal(400, proved.error.issues[0]!.message);
	const kept = await keepWay(teacherOf(locals), body.value);
	return 'says' in kept ? refusal(409, kept.says) : json(kept, { status: 201 });
};
