import { heldOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { classGone, isId, notFound, opened } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await opened(readClass(teacher, params.id)) : undefined;
	if (!found) notFound(classGone);
	return { opened: found!, held: await heldOf(teacher, params.id) };
};
