import { teacherOf } from '$lib/server/guard';
import { notFound, isId } from '$lib/server/requests';
import { lessonTitles, readLesson } from '$lib/server/lessons';
import { shareOf } from '$lib/server/shares';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const opened = isId(params.id) ? await readLesson(teacher, params.id) : undefined;
	const others = (await lessonTitles(teacher)).filter((l) => l.id !== params.id);
	const token = opened && (await shareOf(teacher, params.id));
	return { opened: opened ?? notFound(), others, token };
};
