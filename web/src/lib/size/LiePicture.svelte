<script lang="ts">
	import type { Drawing as Drawn } from '@pond-loop/core/drawing';
	import Drawing from '$lib/picture/Drawing.svelte';
	import ChartPart from '$lib/swatch/ChartPart.svelte';

	interface Props {
		drawing: Drawn;
		/** Too many loops to be elements of the page. */
		isLarge: boolean;
		width: number;
	}
	const { drawing, isLarge, width }: Props = $props();
</script>

{#if isLarge}<div role="img" aria-label={drawing.label}><ChartPart {drawing} {width} /></div>
{:else}<Drawing {drawing} {width} />{/if}
