import { workingAhead } from '@pond-loop/core/lesson';
import { inPieces } from '$lib/ui/in-pieces';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ data }) => {
	// What is to be brought is counted in rows as anybody reads them.
	await inPieces(workingAhead(data.opened.lesson.steps, ''));
	return data;
};
