import { hardIn, newDoor } from '@pond-loop/core/practice';
import { teacherOf } from '$lib/server/guard';
import { codeDrawing } from '$lib/picture/code';
import { readClass } from '$lib/server/classes';
import { readLesson } from '$lib/server/lessons';
import { doorOf, DOORS_OF, sentTo } from '$lib/server/practice-doors';
import { classGone, isId, lessonGone, notFound, opened } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url, parent }) => {
	const teacher = teacherOf(locals);
	const of = DOORS_OF.find((d) => d === params.of);
	if (!of || !isId(params.id)) return notFound(of === 'classes' ? classGone : lessonGone);
	const title =
		of === 'classes'
			? (await readClass(teacher, params.id))?.class.title
			: (await opened(readLesson(teacher, params.id)))?.lesson.title;
	if (title === undefined) return notFound(of === 'classes' ? classGone : lessonGone);
	const [door, sent] = await Promise.all([doorOf(teacher, of, params.id), sentTo(teacher, of, params.id)]);
	const address = door && `${url.origin}/practice/${door.token}`;
	return {
		of,
		id: params.id,
		title,
		isOpen: door?.isOpen ?? false,
		door: door?.door ?? newDoor((await parent()).style.school),
		address,
		code: address === undefined ? undefined : codeDrawing(address),
		sent: sent.map(({ learner, at, summary }) => ({ learner, at: at.toISOString(), summary })),
		hard: hardIn(sent.map((s) => s.summary)),
	};
};
