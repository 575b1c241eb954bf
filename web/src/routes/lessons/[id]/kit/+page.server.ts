import { teacherOf } from '$lib/server/guard';
import { notFound, isId } from '$lib/server/requests';
import { readLesson } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const opened = isId(params.id) ? await readLesson(teacherOf(locals), params.id) : undefined;
	return { opened: opened ?? notFound() };
};
