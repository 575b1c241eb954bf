import { PLAIN_CRAFT } from '@pond-loop/core/craft';
import { browser } from '$app/environment';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ data }) => ({
	...data,
	// What is taught in plain knitting is at hand at once.
	all:
		browser && data.choices.craft === PLAIN_CRAFT && data.choices.beside === undefined
			? undefined
			: await import('$lib/stage/all-crafts'),
});
