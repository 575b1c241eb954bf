import { teacherOf } from '$lib/server/guard';
import { lessonTitles } from '$lib/server/lessons';
import { isId, notFound, swatchGone } from '$lib/server/requests';
import { readSwatch } from '$lib/server/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const opened = isId(params.id) ? await readSwatch(teacher, params.id) : undefined;
	if (!opened) notFound(swatchGone);
	return { opened: opened!, lessons: await lessonTitles(teacher) };
};
