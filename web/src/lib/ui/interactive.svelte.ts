import { onMount } from 'svelte';
import { runSoon } from './hydration';

/** Whether the page answers input. Before, an editor is inert: what is pressed would look done and be lost. */
export class Interactive {
	#now = $state(false);
	constructor() {
		// All that depends on it updates, so it is a task of its own.
		onMount(() => runSoon(() => (this.#now = true)));
	}
	get now(): boolean {
		return this.#now;
	}
}
