import { teacherOf } from '$lib/server/guard';
import { isId, notFound, opened, swatchGone } from '$lib/server/requests';
import { readSwatch, swatchTitles } from '$lib/server/swatches';
import type { PageServerLoad } from './$types';

/** `?with`: the swatch that is laid beside; none until one is chosen. */
export const load: PageServerLoad = async ({ params, url, locals }) => {
	const teacher = teacherOf(locals);
	const read = async (id: string) => (isId(id) ? opened(readSwatch(teacher, id)) : undefined);
	const other = url.searchParams.get('with') ?? '';
	const [one, two, titles] = await Promise.all([
		read(params.id),
		other === '' ? undefined : read(other),
		swatchTitles(teacher),
	]);
	if (!one || (other !== '' && !two)) notFound(swatchGone);
	return { one: one!, two, titles, yarns: locals.session?.style?.yarns ?? [] };
};
