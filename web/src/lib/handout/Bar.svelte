<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import slidersHorizontalIcon from 'lucide-static/icons/sliders-horizontal.svg?raw';
	import type { Snippet } from 'svelte';

	interface Props {
		/** Print and PDF. */
		actions: Snippet;
		/** How it is printed; on a phone behind a button, so that the paper begins near the top. */
		children: Snippet;
	}
	const { actions, children }: Props = $props();
	let isOpen = $state(false);
	const uid = $props.id();
</script>

<section class="px-4 py-2 sm:px-6 print:hidden" aria-label="How it is printed">
	<div class="flex flex-wrap items-center gap-x-1 gap-y-2 sm:gap-x-4">
		{@render actions()}
		<button
			type="button"
			class="pill pill-soft px-3 sm:hidden"
			aria-expanded={isOpen}
			aria-controls={uid}
			onclick={() => (isOpen = !isOpen)}><Icon svg={slidersHorizontalIcon} class="size-5" /> Options</button
		>
		<div id={uid} class={['flex-wrap items-center gap-x-4 gap-y-2 sm:flex', isOpen ? 'flex' : 'hidden']}>
			{@render children()}
		</div>
	</div>
</section>
