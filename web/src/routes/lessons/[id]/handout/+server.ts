import { picturesIn } from '@pond-loop/core/lesson';
import { teacherOf } from '$lib/server/guard';
import { fileAnswer, saidOf } from '$lib/server/handout/answer';
import { type Drawn, HandoutSchema, handoutOf, roomPdf, setPdf } from '$lib/server/handout/handout';
import { answerInLines } from '$lib/server/handout/progress';
import { readPictures } from '$lib/server/pictures';
import { readLesson } from '$lib/server/lessons';
import { shownStyle } from '$lib/server/house-styles';
import { codesOf } from '$lib/server/handout/code';
import { isId, notFound, opened } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** The lesson as a PDF to hand out; with `lines=yes` as lines that say how far it is, the file in the last one. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await opened(readLesson(teacherOf(locals), params.id)) : undefined;
	const { lesson } = found ?? notFound();
	const options = HandoutSchema.parse(Object.fromEntries(url.searchParams));
	const style = await shownStyle(locals.session);
	const photos = await readPictures(teacherOf(locals), picturesIn(lesson));
	const codes = await codesOf(teacherOf(locals), params.id, url.origin);
	const set = async (drawn?: Drawn): Promise<Uint8Array> =>
		options.room
			? roomPdf(lesson, style, options, photos, codes, drawn)
			: setPdf(await handoutOf(lesson, style, options, photos, codes, drawn), photos);
	const more = options.room ? 'for-the-room' : saidOf(options);
	if (url.searchParams.get('lines') === 'yes')
		return answerInLines(async (drawn) => ({ pdf: await set(drawn), title: lesson.title, more }));
	return fileAnswer(await set(), lesson.title, more);
};
