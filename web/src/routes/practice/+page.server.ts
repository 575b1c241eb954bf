import { isId } from '$lib/server/requests';
import { readLesson } from '$lib/server/lessons';
import { canonical, type Crossing } from '@pond-loop/core/crossing';
import { kindOf, type Step } from '@pond-loop/core/step';
import type { PageServerLoad } from './$types';

/** Each once. */
function crossingsOf(steps: readonly Step[]): readonly Crossing[] {
	const all = steps.flatMap((step) => kindOf(step).crossings?.(step) ?? []);
	return [...new Map(all.map(({ crossing }) => [canonical(crossing), crossing])).values()];
}

/** With the crossings of a lesson of one's own, where one is named; with the first ones that are taught elsewhere. */
export const load: PageServerLoad = async ({ url, locals }) => {
	const asked = url.searchParams.get('lesson') ?? '';
	const teacher = locals.session?.teacher;
	const stored = teacher && isId(asked) ? await readLesson(teacher, asked).catch(() => undefined) : undefined;
	return {
		of: stored && { id: stored.id, title: stored.lesson.title, crossings: crossingsOf(stored.lesson.steps) },
	};
};
