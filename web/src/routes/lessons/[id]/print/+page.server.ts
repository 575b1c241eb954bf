import { teacherOf } from '$lib/server/guard';
import { isId, notFound, opened } from '$lib/server/requests';
import { listClasses } from '$lib/server/classes';
import { readLesson } from '$lib/server/lessons';
import { codeDrawing } from '$lib/picture/code';
import { codesOf } from '$lib/server/handout/code';
import { textsOf, unsetIn } from '$lib/server/handout/signs';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const found = isId(params.id) ? await opened(readLesson(teacherOf(locals), params.id)) : undefined;
	const open = found ?? notFound();
	const codes = await codesOf(teacherOf(locals), params.id, url.origin);
	const classes = await listClasses(teacherOf(locals));
	return {
		opened: open,
		classes: classes.flatMap(({ id, class: of }) => {
			const people = of?.people.filter((person) => !person.left).length ?? 0;
			return of && people > 0 ? [{ id, title: of.title, people }] : [];
		}),
		unset: unsetIn(textsOf(open.lesson)),
		codes: codes.map((code) => ({ ...code, drawing: codeDrawing(code.address) })),
	};
};
