import { teacherOf } from '$lib/server/guard';
import { yarnsNamedIn } from '$lib/server/house-styles';
import { isId, notFound, opened, swatchGone } from '$lib/server/requests';
import { placeOf, readSwatch } from '$lib/server/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await opened(readSwatch(teacher, params.id)) : undefined;
	if (!found) notFound(swatchGone);
	const place = (await placeOf(teacher, params.id)) ?? 0;
	return { opened: found!, place, yarns: yarnsNamedIn(found!.swatch, locals.session) };
};
