import { listLessons } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

/** As many as stand beside the name without scrolling. */
const RECENT = 5;

/** Tonight for a teacher; for a visitor the name field alone. */
export const load: PageServerLoad = async ({ locals }) => ({
	lessons: locals.session ? await listLessons(locals.session.teacher, RECENT) : [],
});
