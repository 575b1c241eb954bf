import { teacherOf } from '$lib/server/guard';
import { notFound, isId } from '$lib/server/requests';
import { lessonTitles, readLesson } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const opened = isId(params.id) ? await readLesson(teacher, params.id) : undefined;
	const others = (await lessonTitles(teacher)).filter((l) => l.id !== params.id);
	return { opened: opened ?? notFound(), others };
};
