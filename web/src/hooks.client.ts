import type { ClientInit } from '@sveltejs/kit';
import { queueEarlySubmits } from '$lib/ui/early-submits';
import { loadScriptsInOrder } from '$lib/ui/script-order';

/** Runs before hydration. */
export const init: ClientInit = () => {
	queueEarlySubmits();
	return loadScriptsInOrder();
};
