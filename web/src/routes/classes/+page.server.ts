import { listClasses } from '$lib/server/classes';
import { teacherOf } from '$lib/server/guard';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const listed = await listClasses(teacherOf(locals));
	return {
		classes: listed.map(({ id, class: of, evenings, lastDay }) => ({
			id,
			title: of?.title ?? 'A class that cannot be read',
			place: of?.place ?? '',
			people: of?.people.filter((p) => !p.left).length ?? 0,
			evenings,
			lastDay,
		})),
	};
};
