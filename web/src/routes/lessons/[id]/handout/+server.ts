import { picturesIn } from '@pond-loop/core/lesson';
import { teacherOf } from '$lib/server/guard';
import { fileAnswer, pdfAnswer, saidOf } from '$lib/server/handout/answer';
import { HandoutSchema, handoutOf, roomPdf } from '$lib/server/handout/handout';
import { readPictures } from '$lib/server/pictures';
import { readLesson } from '$lib/server/lessons';
import { shownStyle } from '$lib/server/house-styles';
import { codesOf } from '$lib/server/handout/code';
import { isId, notFound, opened } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** The lesson as a PDF to hand out. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await opened(readLesson(teacherOf(locals), params.id)) : undefined;
	const { lesson } = found ?? notFound();
	const options = HandoutSchema.parse(Object.fromEntries(url.searchParams));
	const style = await shownStyle(locals.session);
	const photos = await readPictures(teacherOf(locals), picturesIn(lesson));
	const codes = await codesOf(teacherOf(locals), params.id, url.origin);
	if (options.room)
		return fileAnswer(await roomPdf(lesson, style, options, photos, codes), lesson.title, 'for-the-room');
	return pdfAnswer(await handoutOf(lesson, style, options, photos, codes), saidOf(options), photos);
};
