import { aBreath, isWaking } from '$lib/ui/waking';
import type { LayoutLoad } from './$types';

export const load: LayoutLoad = async ({ data }) => {
	// What was fetched has just run for the first time; the page wakes up after a breath, so that nobody waits for both.
	if (isWaking()) await aBreath();
	return data;
};
