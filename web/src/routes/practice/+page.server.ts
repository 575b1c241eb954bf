import { isId } from '$lib/server/requests';
import { readLesson } from '$lib/server/lessons';
import { crossingsOf } from '@pond-loop/core/step';
import type { PageServerLoad } from './$types';

/** With the crossings of a lesson of one's own, where one is named; with the first ones that are taught elsewhere. */
export const load: PageServerLoad = async ({ url, locals }) => {
	const asked = url.searchParams.get('lesson') ?? '';
	const teacher = locals.session?.teacher;
	const stored = teacher && isId(asked) ? await readLesson(teacher, asked).catch(() => undefined) : undefined;
	return {
		of: stored && { id: stored.id, title: stored.lesson.title, crossings: crossingsOf(stored.lesson.steps) },
	};
};
