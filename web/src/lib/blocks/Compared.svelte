<script lang="ts">
	import { movesOf, type Paint, type ComparedSide } from '@pond-loop/core/block';
	import Drawing from '$lib/picture/Drawing.svelte';

	interface Props {
		sides: readonly ComparedSide[];
		paint: Paint;
		/** As wide as each picture may be. */
		width?: number;
		/** Whether what is done on each side is listed below it. */
		listed?: boolean;
		/** Where all sides stand as they are walked through; at 0 each shows the moment that tells most. */
		at?: number;
	}
	const { sides, paint, width: most = 150, listed = false, at = 0 }: Props = $props();
	/** More than two stand smaller, so that all are seen at once. */
	const width = $derived(sides.length > 2 && !listed ? 0.54 * most : most);
</script>

<ul
	class={listed && sides.some((s) => s.moves)
		? 'grid grid-cols-1 items-start gap-x-6 gap-y-4 sm:grid-cols-2 print:grid-cols-2'
		: ['flex flex-wrap items-end gap-y-4', sides.length > 2 ? 'gap-x-4' : 'gap-x-8']}
	data-testid="compared"
>
	{#each sides as side, i (i)}
		{@const shown = side.moves && at > 0 ? Math.min(at, side.moves.frames - 1) : undefined}
		{@const drawing = shown === undefined ? side.draw(paint) : side.moves!.draw(shown, paint)}
		<li
			class={[
				'min-w-0 text-center',
				sides.length > 2 && !listed
					? 'max-w-[17.75rem]'
					: side.wide || shown !== undefined
						? 'max-w-[34rem]'
						: 'max-w-60',
			]}
		>
			<span class="flex justify-center"
				><Drawing
					{drawing}
					width={Math.min(side.wide || shown !== undefined ? 2 * width : width, drawing.width)}
				/></span
			>
			<span class="mt-1 block font-semibold">{side.title}</span>
			{#if shown === undefined}<span class="quiet block text-[0.94rem]">{side.says}</span>
			{:else}<span class="block min-h-[2lh]" data-testid="caption-{i + 1}"
					>{shown}. {side.moves!.says(shown).caption}</span
				>{/if}
			{#if listed && side.moves}
				<ol class="mx-auto mt-1 w-fit max-w-sm list-decimal pl-6 text-left text-[0.94rem]">
					{#each movesOf(side.moves) as move, k (k)}<li>{move}</li>{/each}
				</ol>
			{/if}
		</li>
	{/each}
</ul>
