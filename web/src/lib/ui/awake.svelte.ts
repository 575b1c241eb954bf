import { onMount } from 'svelte';

/**
 * Whether the page listens already. What is pressed before would look done and be lost, so an editor
 * lets nobody in until then.
 */
export class Awake {
	#now = $state(false);
	constructor() {
		onMount(() => (this.#now = true));
	}
	get now(): boolean {
		return this.#now;
	}
}
