import { listLessons } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ lessons: await listLessons(locals.teacher) });
