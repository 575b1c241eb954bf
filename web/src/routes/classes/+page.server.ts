import { listClasses } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import { listLessons } from '$lib/server/lessons';
import type { PageServerLoad } from './$types';

/** Crossings of the last lesson that are drawn beside a class. */
const DRAWN = 3;

export const load: PageServerLoad = async ({ locals }) => {
	const teacher = teacherOf(locals);
	const listed = await listClasses(teacher);
	const lessons = listed.some(({ lesson }) => lesson) ? await listLessons(teacher) : [];
	return {
		classes: listed.map(({ id, class: of, evenings, lastDay, lesson }) => ({
			id,
			title: of?.title ?? 'A class that cannot be read',
			place: of?.place ?? '',
			people: of?.people.filter((p) => !p.left).length ?? 0,
			evenings,
			lastDay,
			crossings: lessons.find((one) => one.id === lesson)?.crossings.slice(0, DRAWN) ?? [],
		})),
	};
};
