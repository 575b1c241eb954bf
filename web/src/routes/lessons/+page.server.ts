import { randomUUID } from 'node:crypto';
import { emptyLesson, NewLessonSchema, TEMPLATES } from '@pond-loop/core/lesson';
import { DEFAULT_HOUSE_STYLE, firstIssue, uncleanIn, uncleanWords } from '@pond-loop/core/schema';
import { fail, redirect } from '@sveltejs/kit';
import { copyDemo, hasDemoToCopy } from '$lib/server/copy-demo';
import { fieldsOf } from '$lib/server/enter';
import { teacherOf } from '$lib/server/guard';
import { kept } from '$lib/server/quota';
import { insertLesson, listLessons } from '$lib/server/lessons';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	lessons: await listLessons(teacherOf(locals)),
	demo: hasDemoToCopy(locals),
	// What they make stays here.
	templates: TEMPLATES.map(({ id, title, says }) => ({ id, title, says })),
});

export const actions: Actions = {
	create: async ({ request, locals }) => {
		const form = await fieldsOf(request);
		const title = form.get('title');
		const template = TEMPLATES.find((t) => t.id === form.get('template'));
		const school = locals.session?.style?.school ?? DEFAULT_HOUSE_STYLE.school;
		const begun = template?.make(() => randomUUID(), school);
		const checked = NewLessonSchema.safeParse({ title: title || begun?.title });
		const typed = typeof title === 'string' ? title : '';
		if (!checked.success) return fail(400, { title: typed, message: firstIssue(checked.error) });
		const unclean = uncleanIn(checked.data);
		if (unclean) return fail(400, { title: typed, message: uncleanWords(unclean) });
		const made = await kept(
			insertLesson(teacherOf(locals), { ...(begun ?? emptyLesson('')), title: checked.data.title }),
		);
		if ('says' in made) return fail(409, { title: typed, message: made.says });
		redirect(303, `/lessons/${made.id}`);
	},
	copyDemo: async ({ locals }) => {
		const teacher = teacherOf(locals);
		if (!hasDemoToCopy(locals)) return fail(403, { title: '', message: 'There is no demo here to be copied.' });
		const done = await kept(copyDemo(teacher).then(() => ({})));
		if ('says' in done) return fail(409, { title: '', message: done.says });
		redirect(303, '/lessons');
	},
};
