<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import Failed from './Failed.svelte';

	interface Props {
		/** Whether it takes so long that the browser makes it, once the page stands. */
		wait: boolean;
		/** Nothing is said meanwhile. */
		quiet?: boolean;
		children: Snippet;
	}
	const { wait, quiet = false, children }: Props = $props();
	let isPainted = $state(false);
	onMount(() => {
		// After the next frame, so that the rest of the page is seen first.
		requestAnimationFrame(() => setTimeout(() => (isPainted = true)));
	});
</script>

{#if !wait || isPainted}
	<svelte:boundary>
		{@render children()}
		{#snippet failed(_, reset)}<Failed what="this part of the page" {reset} />{/snippet}
	</svelte:boundary>
{:else if !quiet}
	<p class="quiet py-3" data-testid="later">Being drawn …</p>
{/if}
