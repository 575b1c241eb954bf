import { choicesFrom } from '$lib/choices/choices';
import { lessonTitles } from '$lib/server/lessons';
import { answer } from '$lib/stage/answer';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, parent, url }) => {
	const { style } = await parent();
	const choices = choicesFrom(url.searchParams, style.school);
	return {
		lessons: locals.session ? await lessonTitles(locals.session.teacher) : [],
		choices,
		answer: answer(style, choices),
	};
};
