import { heldOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { classGone, isId, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** The class with all its evenings, as a file that is read back equal. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const of = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!of) return refusal(404, classGone);
	const file = { id: of.id, class: of.class, evenings: await heldOf(teacher, of.id) };
	return new Response(`${JSON.stringify(file, null, '\t')}\n`, {
		headers: { 'content-type': 'application/json', 'content-disposition': 'attachment; filename="class.json"' },
	});
};
