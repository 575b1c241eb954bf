<script lang="ts">
	import type { Crossing } from '@pond-loop/core/crossing';
	import type { Light } from '@pond-loop/core/drawing';
	import { shownIn } from '@pond-loop/core/look';
	import { ribbonOf } from '@pond-loop/core/made';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Drawing from './Drawing.svelte';

	/** Crossings as small ribbons, to know a thing in a list by. */
	const { crossings, light, style }: { crossings: readonly Crossing[]; light: Light; style: HouseStyle } = $props();
	const HEIGHT = 44;
</script>

<span class="flex shrink-0 items-center gap-2 max-sm:shrink max-sm:flex-wrap" aria-hidden="true">
	{#each crossings as crossing, i (i)}
		{@const { made, mirrored } = shownIn(style, crossing)}
		{@const drawing = ribbonOf(made, { light, mirrored })}
		<span class="block"><Drawing {drawing} width={(drawing.width / drawing.height) * HEIGHT} /></span>
	{/each}
</span>
