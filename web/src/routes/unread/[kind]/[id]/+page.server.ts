import { redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { teacherOf } from '$lib/server/guard';
import { isId, notFound } from '$lib/server/requests';
import { readRaw, UNREAD_KINDS } from '$lib/server/unread';
import type { PageServerLoad } from './$types';

/** What is stored here and cannot be read; once it can, the page that shows it. */
export const load: PageServerLoad = async ({ params, locals }) => {
	const kind = z.enum(UNREAD_KINDS).safeParse(params.kind).data ?? notFound('There is nothing of that kind here.');
	const raw = isId(params.id) ? await readRaw(teacherOf(locals), kind, params.id) : undefined;
	if (!raw) return notFound('That is not here. It may have been removed.');
	if (raw.why === undefined) redirect(303, raw.place);
	return { raw: { ...raw, why: raw.why }, kind, id: params.id };
};
