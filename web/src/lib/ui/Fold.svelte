<script lang="ts">
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { onMount, type Snippet } from 'svelte';
	import { keptHere } from './kept-here';

	interface Props {
		/** By what it is remembered that somebody opened it. */
		id: string;
		/** A noun: what is in it. */
		title: string;
		open?: boolean;
		class?: string;
		children: Snippet;
	}
	let { id, title, open = $bindable(false), class: more = '', children }: Props = $props();
	const key = $derived(`open ${id}`);
	onMount(() => {
		if (keptHere.get(key) === 'yes') open = true;
	});
	function toggled(now: boolean): void {
		open = now;
		if (now) keptHere.set(key, 'yes');
		else keptHere.remove(key);
	}
</script>

<!-- What a first month does not need: one press away, in place, and open again next time. -->
<details class={more} data-testid="fold-{id}" bind:open={() => open, toggled}>
	<summary class="fold pill pill-soft w-fit list-none">{title}<ChevronDown class="size-4" aria-hidden="true" /></summary
	>
	{@render children()}
</details>

<style>
	details[open] > .fold :global(svg) {
		transform: rotate(180deg);
	}
</style>
