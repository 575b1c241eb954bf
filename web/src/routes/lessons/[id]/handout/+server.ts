import { englishFor } from '@pond-loop/core/english';
import { picturesIn } from '@pond-loop/core/lesson';
import { teacherOf } from '$lib/server/guard';
import { fileAnswer, saidOf } from '$lib/server/handout/answer';
import { type Drawn, HandoutSchema, handoutOf, roomPdf, setPdf } from '$lib/server/handout/handout';
import { readClass } from '$lib/server/classes';
import { MOST_DRAWN, onePageTask, pagesIn } from '$lib/server/handout/one-page';
import { drawDocuments, setDocuments } from '$lib/server/handout/setter';
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
	const style = await shownStyle(locals.session);
	const options = HandoutSchema.parse({
		...Object.fromEntries(url.searchParams),
		english: englishFor(style.english, locals.locale),
	});
	const logo = options.one && style.logo ? [style.logo.id] : [];
	const photos = await readPictures(teacherOf(locals), options.one ? logo : picturesIn(lesson));
	const codes = await codesOf(teacherOf(locals), params.id, url.origin);
	const of =
		options.class === undefined ? undefined : (await opened(readClass(teacherOf(locals), options.class)))?.class;
	const set = async (drawn?: Drawn): Promise<Uint8Array> =>
		options.one
			? setDocuments(await onePageTask(lesson, style, options, codes, { of, photos, drawn }))
			: options.room
				? roomPdf(lesson, style, options, photos, codes, drawn)
				: setPdf(await handoutOf(lesson, style, options, photos, codes, drawn), photos);
	if (options.one && url.searchParams.get('drawn') === 'yes') {
		const task = await onePageTask(lesson, style, options, codes, { of, photos });
		const copies = task.copies.slice(0, MOST_DRAWN);
		const pages = task.isEmpty ? '' : await drawDocuments({ ...task, copies });
		return new Response(pages, {
			headers: {
				'content-type': 'image/svg+xml',
				'x-pages': String(pages === '' ? 0 : pagesIn(pages)),
				'x-copies': `${copies.length} of ${task.copies.length}`,
			},
		});
	}
	const more = options.one ? 'one-page' : options.room ? 'for-the-room' : saidOf(options);
	if (url.searchParams.get('lines') === 'yes')
		return answerInLines(async (drawn) => ({ pdf: await set(drawn), title: lesson.title, more }));
	return fileAnswer(await set(), lesson.title, more);
};
