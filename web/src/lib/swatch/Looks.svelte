<script lang="ts">
	/** The ways to look at one swatch, each a page of its own. */
	interface Props {
		id: string;
		now: 'desk' | 'size' | 'turn';
	}
	const { id, now }: Props = $props();
	const LOOKS = [
		['desk', '', 'Pattern'],
		['size', '/size', 'Preview and size'],
		['turn', '/turn', '3D'],
	] as const;
</script>

<nav class="mt-2 flex flex-wrap gap-x-6 gap-y-1 text-[1rem] font-semibold" aria-label="Ways to look at this swatch">
	{#each LOOKS as [look, path, title], nth (nth)}
		{#if look === now}<span class="border-accent border-b-2" aria-current="page">{title}</span>
		{:else}<a class="wordlink" href="/swatches/{id}{path}">{title}</a>{/if}
	{/each}
</nav>
