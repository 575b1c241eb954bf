import { firstIssue, NewLessonSchema } from '@pond-loop/core/schema';
import { fail, redirect } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { createLesson, listLessons } from '$lib/server/lessons';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ lessons: await listLessons(teacherOf(locals)) });

export const actions: Actions = {
	create: async ({ request, locals }) => {
		const title = (await request.formData()).get('title');
		const checked = NewLessonSchema.safeParse({ title });
		if (!checked.success)
			return fail(400, { title: typeof title === 'string' ? title : '', message: firstIssue(checked.error) });
		const made = await createLesson(teacherOf(locals), checked.data.title);
		redirect(303, `/lessons/${made.id}`);
	},
};
