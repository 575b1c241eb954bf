import { json } from '@sveltejs/kit';
import { erasePerson, factsOf } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { isId, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const gone = 'Nobody of that kind is in this class. They may have been erased.';

/** Everything stored about one person, as a file to give to them. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const facts =
		isId(params.id) && isId(params.person) ? await factsOf(teacherOf(locals), params.id, params.person) : undefined;
	return facts
		? new Response(`${JSON.stringify(facts, null, '\t')}\n`, {
				headers: {
					'content-type': 'application/json',
					'content-disposition': 'attachment; filename="what-is-known.json"',
				},
			})
		: refusal(404, gone);
};

/** Erases one person: from the class, its evenings and what is brought back later. */
export const DELETE: RequestHandler = async ({ params, locals }) =>
	isId(params.id) && isId(params.person) && (await erasePerson(teacherOf(locals), params.id, params.person))
		? json({})
		: refusal(404, gone);
