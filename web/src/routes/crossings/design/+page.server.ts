import { designsOf } from '$lib/server/designs';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	designs: locals.session ? await designsOf(locals.session.teacher) : [],
});
