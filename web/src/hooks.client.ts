import type { ClientInit } from '@sveltejs/kit';
import { holdForms } from '$lib/ui/held-forms';
import { inTurn } from '$lib/ui/in-turn';

/** Before anything of the page wakes up: what it is made of runs for the first time, a file after the other. */
export const init: ClientInit = () => {
	holdForms();
	return inTurn();
};
