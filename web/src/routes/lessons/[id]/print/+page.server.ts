import { teacherOf } from '$lib/server/guard';
import { isId, notFound, opened } from '$lib/server/requests';
import { readLesson } from '$lib/server/lessons';
import { CODE, codeDrawing } from '$lib/server/handout/code';
import { linkOf } from '$lib/server/shares';
import { textsOf, unsetIn } from '$lib/server/handout/signs';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await opened(readLesson(teacherOf(locals), params.id)) : undefined;
	const open = found ?? notFound();
	const link = await linkOf(teacherOf(locals), params.id, url.origin);
	return {
		opened: open,
		unset: unsetIn(textsOf(open.lesson)),
		code: link === undefined ? undefined : { ...CODE, link, drawing: codeDrawing(link) },
	};
};
