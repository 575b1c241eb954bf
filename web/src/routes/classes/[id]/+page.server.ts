import { eveningsOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { lessonTitles } from '$lib/server/lessons';
import { classGone, isId, notFound } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!found) notFound(classGone);
	const [evenings, lessons] = await Promise.all([eveningsOf(teacher, params.id), lessonTitles(teacher)]);
	return {
		opened: found!,
		evenings: evenings.map(({ id, evening }) => ({ id, day: evening.day, title: evening.title })).reverse(),
		lessons,
	};
};
