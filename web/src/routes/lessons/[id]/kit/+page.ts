import { workingAhead } from '@pond-loop/core/lesson';
import { inPieces } from '$lib/ui/in-pieces';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ data, parent }) => {
	const { style } = await parent();
	await inPieces(workingAhead(data.opened.lesson.steps, style.glossary));
	return data;
};
