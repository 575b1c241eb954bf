import { planFor } from '@pond-loop/core/class';
import { DEFAULT_HOUSE_STYLE } from '@pond-loop/core/schema';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { learntOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { readLesson, saveLesson } from '$lib/server/lessons';
import { classGone, isId, lessonGone, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const RoomSchema = z.object({
	lesson: z.uuid(),
	/** A date of the class to be among those of the lesson, at its usual hour. */
	day: z.iso.date('Write the date like 2026-11-24.').optional(),
});

/** Gives a lesson the room of a class: who comes, with which tools and hands, and how long, how fast, and when. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
	const body = await readBody(request, RoomSchema);
	if ('refused' in body) return body.refused;
	const teacher = teacherOf(locals);
	const of = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!of) return refusal(404, classGone);
	const stored = await readLesson(teacher, body.value.lesson);
	if (!stored) return refusal(404, lessonGone);
	const style = locals.session?.style ?? DEFAULT_HOUSE_STYLE;
	const { pace } = (await learntOf(teacher, of)).learnt;
	const plan = planFor(stored.lesson.plan, of.class, style, pace);
	const { day } = body.value;
	const date = day && `${day}T${of.class.hour ?? '19:00'}`;
	const dates = date && !plan.dates.includes(date) ? [...plan.dates, date].sort() : plan.dates;
	const lesson = { ...stored.lesson, plan: { ...plan, dates } };
	const saved = await saveLesson(teacher, stored.id, stored.version, lesson);
	return saved.kind === 'saved' ? json({}) : refusal(409, 'The lesson was just changed elsewhere. Try once more.');
};
