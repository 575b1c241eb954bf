import { DEFAULT_HOUSE_STYLE } from '@pond-loop/core/schema';
import { teacherOf } from '$lib/server/guard';
import { HandoutSchema, handoutOf, setPdf } from '$lib/server/handout';
import { readLesson } from '$lib/server/lessons';
import { isId, notFound, opened } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** The lesson as a PDF to hand out. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await opened(readLesson(teacherOf(locals), params.id)) : undefined;
	const { lesson } = found ?? notFound();
	const options = HandoutSchema.parse(Object.fromEntries(url.searchParams));
	const pdf = await setPdf(await handoutOf(lesson, locals.session?.style ?? DEFAULT_HOUSE_STYLE, options));
	const name =
		lesson.title
			.toLowerCase()
			.replaceAll(/[^a-z0-9]+/g, '-')
			.replaceAll(/^-|-$/g, '') || 'lesson';
	return new Response(Buffer.from(pdf), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': `attachment; filename="${name}.pdf"` },
	});
};
