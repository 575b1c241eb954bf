import { json } from '@sveltejs/kit';
import { VersionSchema } from '@pond-loop/core/schema';
import { teacherOf } from '$lib/server/guard';
import { swatchAt } from '$lib/server/swatches';
import { isId, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** One earlier version, whole. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const version = VersionSchema.safeParse(Number(params.version));
	const value =
		isId(params.id) && version.success ? await swatchAt(teacherOf(locals), params.id, version.data) : undefined;
	return value === undefined ? refusal(404, 'That version is not kept any more.') : json({ value });
};
