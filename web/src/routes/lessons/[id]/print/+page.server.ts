import { teacherOf } from '$lib/server/guard';
import { isId, notFound, opened } from '$lib/server/requests';
import { readLesson } from '$lib/server/lessons';
import { textsOf, unsetIn } from '$lib/server/handout/signs';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const found = isId(params.id) ? await opened(readLesson(teacherOf(locals), params.id)) : undefined;
	const open = found ?? notFound();
	return { opened: open, unset: unsetIn(textsOf(open.lesson)) };
};
