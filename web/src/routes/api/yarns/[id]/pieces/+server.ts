import { PieceSchema } from '@pond-loop/core/schema';
import { withPiece } from '@pond-loop/core/swatch';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { changeYarn } from '$lib/server/house-styles';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Puts what a measured piece taught into a yarn of the teacher's drawer. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
	const body = await readBody(request, PieceSchema.omit({ aside: true }));
	if ('refused' in body) return body.refused;
	const done = await changeYarn(teacherOf(locals), params.id, (yarn) => withPiece(yarn, body.value));
	return done ? json({}) : refusal(404, 'That yarn is not in My yarns any more. Reload the page.');
};
