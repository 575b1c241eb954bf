import { teacherOf } from '$lib/server/guard';
import { isId, notFound, swatchGone } from '$lib/server/requests';
import { placeOf, readSwatch } from '$lib/server/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const opened = isId(params.id) ? await readSwatch(teacher, params.id) : undefined;
	if (!opened) notFound(swatchGone);
	return { opened: opened!, place: (await placeOf(teacher, params.id)) ?? 0 };
};
