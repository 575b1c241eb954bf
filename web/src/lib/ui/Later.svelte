<script lang="ts">
	import { onMount, type Snippet } from 'svelte';

	interface Props {
		/** Whether it takes so long that the browser makes it, once the page stands. */
		wait: boolean;
		/** Nothing is said meanwhile. */
		quiet?: boolean;
		children: Snippet;
	}
	const { wait, quiet = false, children }: Props = $props();
	let awake = $state(false);
	onMount(() => {
		// After the next picture of the page, so that what stands there is seen first.
		requestAnimationFrame(() => setTimeout(() => (awake = true)));
	});
</script>

{#if !wait || awake}
	{@render children()}
{:else if !quiet}
	<p class="quiet py-3" data-testid="later">Being drawn …</p>
{/if}
