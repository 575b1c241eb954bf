import { listEvenings, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { lessonTitles } from '$lib/server/lessons';
import { classGone, isId, notFound, opened } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await opened(readClass(teacher, params.id)) : undefined;
	if (!found) notFound(classGone);
	const [evenings, lessons] = await Promise.all([listEvenings(teacher, params.id), lessonTitles(teacher)]);
	return {
		opened: found!,
		evenings,
		lessons,
	};
};
