import { teacherOf } from '$lib/server/guard';
import { isId, notFound, opened } from '$lib/server/requests';
import { lessonTitles, readLesson } from '$lib/server/lessons';
import { shareOf } from '$lib/server/shares';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await opened(readLesson(teacher, params.id)) : undefined;
	const others = (await lessonTitles(teacher)).filter((l) => l.id !== params.id);
	const token = found && (await shareOf(teacher, params.id));
	return { opened: found ?? notFound(), others, token };
};
