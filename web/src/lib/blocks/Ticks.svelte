<script lang="ts">
	import type { RowShown } from '@pond-loop/core/block';

	interface Props {
		rows: readonly RowShown[];
		/** Whether they are lines of a pattern, set as patterns are. */
		patterns?: boolean;
	}
	const { rows, patterns = false }: Props = $props();
</script>

<ul class="mt-2" data-testid={patterns ? 'sheet-rows' : undefined}>
	{#each rows as { text, label, isRemark }, i (i)}
		{#if isRemark}
			<li class="mt-2 italic">{text}</li>
		{:else}
			<li class="flex gap-3 py-0.5">
				<svg class="mt-1 size-4 shrink-0" viewBox="0 0 16 16" aria-hidden="true"
					><rect x="1" y="1" width="14" height="14" fill="none" stroke="currentColor" stroke-width="1.5" /></svg
				>
				<span class={['min-w-0 whitespace-pre-wrap', patterns && 'font-mono text-[0.82rem] leading-6']}
					>{#if label}<strong>{`${label}: `}</strong>{/if}{text}</span
				>
			</li>
		{/if}
	{/each}
</ul>
