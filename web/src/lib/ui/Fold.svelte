<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import chevronDownIcon from 'lucide-static/icons/chevron-down.svg?raw';
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
	<summary class="fold pill pill-soft w-fit list-none">{title}<Icon svg={chevronDownIcon} class="size-4" /></summary>
	{@render children()}
</details>

<style>
	details[open] > .fold :global(svg) {
		transform: rotate(180deg);
	}
</style>
