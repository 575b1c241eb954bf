import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { VersionSchema } from '@pond-loop/core/schema';
import { teacherOf } from '$lib/server/guard';
import { isId, readBody, refusal } from '$lib/server/requests';
import { mendRaw, readRaw, removeRaw, UNREAD_KINDS } from '$lib/server/unread';
import type { RequestHandler } from './$types';

const Kind = z.enum(UNREAD_KINDS);
const Mended = z.object({ version: VersionSchema, text: z.string() });
const gone = 'That is not here. It may have been removed.';

/** Keeps the mended text of what could not be read. */
export const PUT: RequestHandler = async ({ request, params, locals }) => {
	const kind = Kind.safeParse(params.kind);
	const body = await readBody(request, Mended);
	if ('refused' in body) return body.refused;
	if (!kind.success || !isId(params.id)) return refusal(404, gone);
	if (!(await readRaw(teacherOf(locals), kind.data, params.id))) return refusal(404, gone);
	const why = await mendRaw(teacherOf(locals), kind.data, params.id, body.value.version, body.value.text);
	return why === undefined ? json({}) : refusal(400, why);
};

export const DELETE: RequestHandler = async ({ params, locals }) => {
	const kind = Kind.safeParse(params.kind);
	const done = kind.success && isId(params.id) && (await removeRaw(teacherOf(locals), kind.data, params.id));
	return done ? json({}) : refusal(404, gone);
};
