import { redirect } from '@sveltejs/kit';
import { designsOf, unreadDesigns } from '$lib/server/designs';
import type { PageServerLoad } from './$types';

/** The stage stood at this address once; what was kept of it still leads there. */
export const load: PageServerLoad = async ({ url, locals }) => {
	if (url.searchParams.has('name')) redirect(308, `/stage${url.search}`);
	const teacher = locals.session?.teacher;
	return {
		designs: teacher ? await designsOf(teacher) : [],
		unread: teacher ? await unreadDesigns(teacher) : [],
	};
};
