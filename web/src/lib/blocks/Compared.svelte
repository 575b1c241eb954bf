<script lang="ts">
	import type { Paint, Side } from '@pond-loop/core/block';
	import Drawing from '$lib/picture/Drawing.svelte';

	interface Props {
		sides: readonly Side[];
		paint: Paint;
		/** As wide as each picture may be. */
		width?: number;
	}
	const { sides, paint, width = 150 }: Props = $props();
</script>

<ul class="flex flex-wrap items-end gap-x-8 gap-y-4" data-testid="compared">
	{#each sides as side, i (i)}
		{@const drawing = side.draw(paint)}
		<li class="min-w-0 text-center">
			<span class="flex justify-center"
				><Drawing {drawing} width={Math.min(side.wide ? 2 * width : width, drawing.width)} /></span
			>
			<span class="mt-1 block font-semibold">{side.title}</span>
			<span class="quiet block text-[0.94rem]">{side.says}</span>
		</li>
	{/each}
</ul>
