import { redirect } from '@sveltejs/kit';
import { designsOf } from '$lib/server/designs';
import type { PageServerLoad } from './$types';

/** The stage stood at this address once; what was kept of it still leads there. */
export const load: PageServerLoad = async ({ url, locals }) => {
	if (url.searchParams.has('name')) redirect(308, `/stage${url.search}`);
	return { designs: locals.session ? await designsOf(locals.session.teacher) : [] };
};
