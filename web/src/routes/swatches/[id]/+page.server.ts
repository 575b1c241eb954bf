import { teacherOf } from '$lib/server/guard';
import { yarnsNamedIn } from '$lib/server/house-styles';
import { lessonTitles } from '$lib/server/lessons';
import { isId, notFound, opened, swatchGone } from '$lib/server/requests';
import { readSwatch } from '$lib/server/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await opened(readSwatch(teacher, params.id)) : undefined;
	if (!found) notFound(swatchGone);
	return {
		opened: found!,
		lessons: await lessonTitles(teacher),
		yarns: yarnsNamedIn(found!.swatch, locals.session),
	};
};
