import { listLessons } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

/** As many as stand beside the name without scrolling. */
const RECENT = 5;

export const load: PageServerLoad = async ({ locals }) => ({ lessons: await listLessons(locals.teacher, RECENT) });
