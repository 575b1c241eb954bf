<script lang="ts">
	interface Props {
		title: string;
		lines: readonly (readonly [term: string, says: string])[];
		/** Whether the terms are names as patterns write them. */
		names?: boolean;
	}
	const { title, lines, names = false }: Props = $props();
</script>

{#if lines.length > 0}
	<section class="border-b border-neutral-400 py-5">
		<h2 class="text-2xl">{title}</h2>
		<dl class="mt-2">
			{#each lines as [term, says] (`${term} ${says}`)}
				<div class="grid break-inside-avoid grid-cols-[9rem_minmax(0,1fr)] gap-x-4 py-1">
					<dt class={names ? 'name font-bold' : 'font-bold'}>{term}</dt>
					<dd>{says}</dd>
				</div>
			{/each}
		</dl>
	</section>
{/if}
