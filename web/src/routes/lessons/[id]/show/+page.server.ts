import { readEvening } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { isId, notFound, opened } from '$lib/server/requests';
import { readLesson } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await opened(readLesson(teacherOf(locals), params.id)) : undefined;
	// An evening that it is shown at: its steps take their minutes from here.
	const evening = url.searchParams.get('evening') ?? '';
	return {
		opened: found ?? notFound(),
		notes: url.searchParams.has('notes'),
		evening: isId(evening) && (await readEvening(teacherOf(locals), evening)) ? evening : undefined,
	};
};
