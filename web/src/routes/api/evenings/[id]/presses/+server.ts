import { thousands } from '@pond-loop/core/measure';
import { EVENING_LIMITS, PressesSchema } from '@pond-loop/core/class';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { pressed } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { eveningGone, isId, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const SendSchema = PressesSchema.extend({ since: z.number().int().min(0).max(Number.MAX_SAFE_INTEGER) });

/** Takes presses in, each once, and tells those that came from elsewhere. Nothing that was pressed is overwritten. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
	const body = await readBody(request, SendSchema);
	if ('refused' in body) return body.refused;
	const news = isId(params.id)
		? await pressed(teacherOf(locals), params.id, body.value.presses, body.value.since)
		: undefined;
	if (news === 'full') return refusal(409, `A session keeps at most ${thousands(EVENING_LIMITS.presses)} presses.`);
	return news ? json(news) : refusal(404, eveningGone);
};
