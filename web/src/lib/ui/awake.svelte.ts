import { onMount } from 'svelte';
import { soon } from './waking';

/**
 * Whether the page listens already. What is pressed before would look done and be lost, so an editor
 * lets nobody in until then.
 */
export class Awake {
	#now = $state(false);
	constructor() {
		// All of what it holds takes another look then, so it comes a breath after the page.
		onMount(() => soon(() => (this.#now = true)));
	}
	get now(): boolean {
		return this.#now;
	}
}
