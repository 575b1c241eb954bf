<script lang="ts">
	import type { NamePart } from '@pond-loop/core/notation';

	interface Props {
		parts: readonly NamePart[];
		unknown?: readonly NamePart[];
	}
	const { parts, unknown = [] }: Props = $props();
	const all = $derived(
		[...parts.map((part) => ({ part, known: true })), ...unknown.map((part) => ({ part, known: false }))].sort(
			(a, b) => a.part.from - b.part.from,
		),
	);
</script>

<!-- A name taken apart: each piece over what it says. -->
<dl class="flex flex-wrap gap-x-4 gap-y-2">
	{#each all as { part, known }, nth (nth)}
		<div class={['border-t-2 pt-1', known ? 'border-secondary' : 'border-error border-dashed']}>
			<dt class="name text-lg">{part.text}</dt>
			<dd class="max-w-40 text-sm leading-snug">
				{#if known}
					{part.says}
				{:else}
					<span class="text-error font-semibold">{part.says ? 'out of place' : 'not understood'}</span>
				{/if}
			</dd>
		</div>
	{/each}
</dl>
