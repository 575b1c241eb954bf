import { PracticeDoorSchema } from '@pond-loop/core/practice';
import { json } from '@sveltejs/kit';
import { teacherOf } from '$lib/server/guard';
import { closeDoor, openDoor, renewDoor } from '$lib/server/practice-doors';
import { doorGone, doorIn, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** Opens a door to practice, or changes what is asked behind it. */
export const PUT: RequestHandler = async ({ params, request, locals }) => {
	const teacher = teacherOf(locals);
	const body = await readBody(request, PracticeDoorSchema);
	if ('refused' in body) return body.refused;
	const door = doorIn(params);
	const token = door && (await openDoor(teacher, door.of, door.id, body.value));
	return token ? json({ token }) : refusal(404, doorGone(params));
};

/** Gives it a new address: the one before leads nowhere. */
export const POST: RequestHandler = async ({ params, locals }) => {
	const door = doorIn(params);
	const token = door && (await renewDoor(teacherOf(locals), door.of, door.id));
	return token ? json({ token }) : refusal(404, 'There is no practice link here yet.');
};

/** Closes it; what was sent through it stays, and so does its address. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const door = doorIn(params);
	return door && (await closeDoor(teacher, door.of, door.id))
		? json({})
		: refusal(404, 'There is no door here that could be closed.');
};
