import { randomUUID } from 'node:crypto';
import { emptyLesson, TEMPLATES } from '@pond-loop/core/lesson';
import { DEFAULT_HOUSE_STYLE, firstIssue, NewLessonSchema } from '@pond-loop/core/schema';
import { fail, redirect } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { insertLesson, listLessons } from '$lib/server/lessons';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ lessons: await listLessons(teacherOf(locals)) });

export const actions: Actions = {
	create: async ({ request, locals }) => {
		const form = await request.formData();
		const title = form.get('title');
		const template = TEMPLATES.find((t) => t.id === form.get('template'));
		const school = locals.session?.style?.school ?? DEFAULT_HOUSE_STYLE.school;
		const begun = template?.make(() => randomUUID(), school);
		const checked = NewLessonSchema.safeParse({ title: title || begun?.title });
		if (!checked.success)
			return fail(400, { title: typeof title === 'string' ? title : '', message: firstIssue(checked.error) });
		const made = await insertLesson(teacherOf(locals), { ...(begun ?? emptyLesson('')), title: checked.data.title });
		redirect(303, `/lessons/${made.id}`);
	},
};
