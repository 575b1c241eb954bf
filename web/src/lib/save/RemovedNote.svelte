<script lang="ts">
	import type { Removal } from './removal.svelte';

	interface Props {
		removal: Removal;
	}
	const { removal }: Props = $props();
</script>

<div class="min-h-[1.7rem]" role="status">
	{#if removal.trouble}<p class="text-error font-semibold">{removal.trouble}</p>{/if}
	{#if removal.gone}
		<p class="flex flex-wrap items-center gap-x-4">
			<span>“{removal.gone.title}” is removed.</span>
			<button type="button" class="wordlink font-semibold" data-undo onclick={() => removal.restore()}>Undo</button>
		</p>
	{/if}
</div>
