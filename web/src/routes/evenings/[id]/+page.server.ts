import { pressed, readEvening } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { eveningGone, isId, notFound, opened } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await opened(readEvening(teacher, params.id)) : undefined;
	const news = found && (await pressed(teacher, params.id, [], 0));
	if (!found || !news || news === 'full') notFound(eveningGone);
	return { opened: found!, news: news as Exclude<typeof news, 'full' | undefined> };
};
