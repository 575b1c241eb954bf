import { lessonTitles } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	lessons: locals.session ? await lessonTitles(locals.session.teacher) : [],
});
