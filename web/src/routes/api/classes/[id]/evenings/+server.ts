import { CLASS_LIMITS, eveningFor } from '@pond-loop/core/class';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { beginEvening, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { shownStyle } from '$lib/server/house-styles';
import { lessonTitles, readLesson } from '$lib/server/lessons';
import { classGone, isId, lessonGone, readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const BeginSchema = z.object({
	id: z.uuid(),
	day: z.iso.date('Write the date like 2026-11-24.'),
	/** The lesson that it is to be; none for an evening without one. */
	lesson: z.uuid().optional(),
});

/** Lessons that an evening without a network can be begun with: those that were changed last. */
const MOST_MEANT = 20;

/** What evenings of this class can begin with, for a browser to keep. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const of = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!of) return refusal(404, classGone);
	const day = new Date().toISOString().slice(0, 10);
	const evenings = [];
	const { glossary } = await shownStyle(locals.session);
	for (const { id } of (await lessonTitles(teacher)).slice(0, MOST_MEANT)) {
		const lesson = await readLesson(teacher, id);
		if (lesson) evenings.push(eveningFor(of.class, day, glossary, lesson));
	}
	return json({ class: of.class, evenings: [...evenings, eveningFor(of.class, day, glossary)] });
};

/** Begins an evening under an id that its page chose: asked twice, it is begun once. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
	const body = await readBody(request, BeginSchema);
	if ('refused' in body) return body.refused;
	const teacher = teacherOf(locals);
	const { id, day, lesson: asked } = body.value;
	const of = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!of) return refusal(404, classGone);
	const lesson = asked === undefined ? undefined : await readLesson(teacher, asked);
	if (asked !== undefined && !lesson) return refusal(404, lessonGone);
	const { glossary } = await shownStyle(locals.session);
	switch (await beginEvening(teacher, of.id, id, eveningFor(of.class, day, glossary, lesson))) {
		case 'begun':
			return json({ id }, { status: 201 });
		case 'full':
			return refusal(409, `At most ${CLASS_LIMITS.evenings} sessions of a class are kept. Remove one first.`);
		case 'missing':
			return refusal(404, classGone);
	}
};
