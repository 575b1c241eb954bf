import { checking } from '@pond-loop/core/swatch';
import { inPieces } from '$lib/ui/in-pieces';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ data, parent }) => {
	const { style } = await parent();
	return { ...data, first: await inPieces(checking(data.opened.swatch, style.glossary)) };
};
