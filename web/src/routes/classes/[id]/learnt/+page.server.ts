import { learntBy, nextFor } from '@pond-loop/core/class';
import { heldOf, readClass } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { classGone, isId, notFound } from '$lib/server/requests';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const teacher = teacherOf(locals);
	const found = isId(params.id) ? await readClass(teacher, params.id) : undefined;
	if (!found) notFound(classGone);
	const of = found!.class;
	const learnt = learntBy(of, await heldOf(teacher, params.id), new Set(of.aside));
	return {
		opened: found!,
		proposals: nextFor(of, learnt),
		// What was pressed stays here: the page shows what follows from it.
		learnt: { ...learnt, went: [], evenings: learnt.evenings.map(({ evening }) => ({ day: evening.day })) },
	};
};
