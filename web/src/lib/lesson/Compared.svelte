<script lang="ts">
	import type { Light } from '@pond-loop/core/drawing';
	import type { CompareStep, HouseStyle } from '@pond-loop/core/schema';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { sidesOf } from './compared';

	interface Props {
		step: CompareStep;
		light: Light;
		style: HouseStyle;
		/** As wide as each picture may be. */
		width?: number;
	}
	const { step, light, style, width = 150 }: Props = $props();
	const sides = $derived(sidesOf(step, { light, style }));
	const wide = $derived(step.of === 'ways' ? width * 2 : width);
</script>

<ul class="flex flex-wrap items-end gap-x-8 gap-y-4" data-testid="compared">
	{#each sides as side, i (i)}
		<li class="min-w-0 text-center">
			<span class="flex justify-center"
				><Drawing drawing={side.drawing} width={Math.min(wide, side.drawing.width)} /></span
			>
			<span class="mt-1 block font-semibold">{side.title}</span>
			<span class="quiet block text-[0.94rem]">{side.says}</span>
		</li>
	{/each}
</ul>
{#if sides.length < 2}<p class="quiet mt-1 text-[0.94rem]">
		Schools agree on this name, so there is nothing to compare. Choose another comparison.
	</p>{/if}
