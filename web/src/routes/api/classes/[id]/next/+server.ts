import { lessonFrom } from '@pond-loop/core/class';
import { json } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { learntOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { shownStyle } from '$lib/server/house-styles';
import { insertLesson } from '$lib/server/lessons';
import { classGone, isId, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Makes a lesson from proposals of this class, named by their skills. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
	const body = await readBody(request, z.object({ skills: z.array(z.string().max(60)).min(1).max(20) }));
	if ('refused' in body) return body.refused;
	const teacher = teacherOf(locals);
	const of = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!of) return refusal(404, classGone);
	const { learnt, proposals } = await learntOf(teacher, of);
	const wanted = proposals.filter((p) => body.value.skills.includes(p.skill));
	if (wanted.length === 0) return refusal(409, 'Nothing of that is proposed any more. Reload the page.');
	const style = await shownStyle(locals.session);
	const made = await insertLesson(
		teacher,
		lessonFrom(of.class, wanted, { style, nextId: randomUUID, pace: learnt.pace }),
	);
	return json({ id: made.id }, { status: 201 });
};
