import { TEMPLATES } from '@pond-loop/core/lesson';
import { hasDemoToCopy } from '$lib/server/copy-demo';
import { listLessons } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

/** The lesson that is offered where there is none: the first template, without what is in it. */
const { id, title, says } = TEMPLATES[0]!;

/** As many as stand beside the name without scrolling. */
const RECENT = 3;

/** Home for a teacher; for a visitor the name field alone. */
export const load: PageServerLoad = async ({ locals }) => ({
	lessons: locals.session ? await listLessons(locals.session.teacher, RECENT) : [],
	/** For whoever has nothing yet: whether the demo can be copied, and a lesson to take. */
	copied: hasDemoToCopy(locals),
	first: { id, title, says },
});
