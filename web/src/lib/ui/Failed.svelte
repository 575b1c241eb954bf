<script lang="ts">
	import { onNavigate } from '$app/navigation';
	import { onMount } from 'svelte';

	interface Props {
		/** What failed: `this page`, `this part of the page`. */
		what: string;
		/** Makes it once more. */
		reset: () => void;
	}
	const { what, reset }: Props = $props();
	// The next page is another one, and may be shown.
	let isHere = true;
	onMount(() => () => (isHere = false));
	onNavigate(() => () => {
		if (isHere) reset();
	});
</script>

<!-- Stands where something failed, so that the rest of the page goes on. -->
<div class="border-error my-3 border-l-4 py-1 pl-4" role="alert" data-testid="failed">
	<p><strong>We can’t show {what}.</strong> Nothing you typed is lost.</p>
	<p class="mt-1 flex flex-wrap gap-x-5">
		<button type="button" class="wordlink" onclick={reset}>Try again</button>
		<button type="button" class="wordlink" onclick={() => location.reload()}>Reload the page</button>
	</p>
</div>
