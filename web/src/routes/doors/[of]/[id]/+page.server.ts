import { hardIn, newDoor } from '@pond-loop/core/practice';
import { teacherOf } from '$lib/server/guard';
import { codeDrawing } from '$lib/picture/code';
import { readClass } from '$lib/server/classes';
import { readLesson } from '$lib/server/lessons';
import { doorOf, sentTo } from '$lib/server/practice-doors';
import { doorGone, doorIn, notFound, opened } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url, parent }) => {
	const teacher = teacherOf(locals);
	const named = doorIn(params);
	if (!named) return notFound(doorGone(params));
	const { of, id } = named;
	const title =
		of === 'classes'
			? (await readClass(teacher, id))?.class.title
			: (await opened(readLesson(teacher, id)))?.lesson.title;
	if (title === undefined) return notFound(doorGone(params));
	const [door, sent] = await Promise.all([doorOf(teacher, of, id), sentTo(teacher, of, id)]);
	const address = door && `${url.origin}/practice/${door.token}`;
	return {
		of,
		id,
		title,
		isOpen: door?.isOpen ?? false,
		door: door?.door ?? newDoor((await parent()).style.school),
		address,
		code: address === undefined ? undefined : codeDrawing(address),
		sent: sent.map(({ learner, at, summary }) => ({ learner, at: at.toISOString(), summary })),
		hard: hardIn(sent.map((s) => s.summary)),
	};
};
