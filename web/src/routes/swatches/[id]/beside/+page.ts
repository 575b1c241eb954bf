import { checkingOnce } from '@pond-loop/core/swatch';
import { inPieces } from '$lib/ui/in-pieces';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ data, parent }) => {
	const { style } = await parent();
	// Worked before the page is made of them, and remembered.
	for (const { swatch } of [data.one, ...(data.two ? [data.two] : [])]) {
		await inPieces(checkingOnce(swatch, style.glossary));
	}
	return data;
};
