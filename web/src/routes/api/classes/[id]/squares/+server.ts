import { withSquares } from '@pond-loop/core/class';
import { SquareSchema } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { learntOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { changeYarn } from '$lib/server/house-styles';
import { classGone, isId, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const Asked = SquareSchema.pick({ of: true, stitches: true, rows: true }).extend({ yarn: z.string().max(60) });

/** Puts the squares that were measured at the evenings of this class into a yarn of the teacher's drawer. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
	const body = await readBody(request, Asked);
	if ('refused' in body) return body.refused;
	const { yarn: wanted, ...counted } = body.value;
	const teacher = teacherOf(locals);
	const of = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!of) return refusal(404, classGone);
	const { squares } = (await learntOf(teacher, of)).learnt;
	if (squares.length === 0) return refusal(409, 'No square is measured any more. Reload the page.');
	let left = 0;
	const done = await changeYarn(teacher, wanted, (yarn) => {
		const filled = withSquares(yarn, squares, counted);
		left = filled.left;
		return filled.yarn;
	});
	if (!done) return refusal(409, 'That yarn is not in My yarns any more. Reload the page.');
	return json({ taken: squares.length - left, left });
};
