import { PracticeDoorSchema } from '@pond-loop/core/practice';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { closeDoor, DOORS_OF, openDoor } from '$lib/server/practice-doors';
import { classGone, isId, lessonGone, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Opens a door to practice, or changes what is asked behind it. */
export const PUT: RequestHandler = async ({ params, request, locals }) => {
	const teacher = teacherOf(locals);
	const body = await readBody(request, PracticeDoorSchema);
	if ('refused' in body) return body.refused;
	const of = DOORS_OF.find((d) => d === params.of);
	const token = of && isId(params.id) ? await openDoor(teacher, of, params.id, body.value) : undefined;
	return token ? json({ token }) : refusal(404, of === 'classes' ? classGone : lessonGone);
};

/** Closes it; what was sent through it stays, and so does its address. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const of = DOORS_OF.find((d) => d === params.of);
	const closed = of && isId(params.id) && (await closeDoor(teacher, of, params.id));
	return closed ? json({}) : refusal(404, 'There is no door here that could be closed.');
};
