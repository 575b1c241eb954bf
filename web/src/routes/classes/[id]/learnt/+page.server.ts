import { learntOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { classGone, isId, notFound, opened } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await opened(readClass(teacher, params.id)) : undefined;
	if (!found) notFound(classGone);
	const yarns = (locals.session?.style?.yarns ?? []).map(({ id, name }) => ({ id, name }));
	return { opened: found!, yarns, ...(await learntOf(teacher, found!)) };
};
