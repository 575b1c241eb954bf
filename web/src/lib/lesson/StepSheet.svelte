<script lang="ts">
	import type { Light } from '@pond-loop/core/drawing';
	import type { HouseStyle, Step } from '@pond-loop/core/schema';
	import CrossingSheet from './CrossingSheet.svelte';
	import PlainSheet from './PlainSheet.svelte';
	import SwatchSheet from './SwatchSheet.svelte';

	interface Props {
		step: Step;
		number: number;
		light: Light;
		style: HouseStyle;
	}
	const { step, ...rest }: Props = $props();
</script>

{#if step.kind === 'crossing'}
	<CrossingSheet {step} {...rest} />
{:else if step.kind === 'swatch'}
	<SwatchSheet {step} {...rest} />
{:else}
	<PlainSheet {step} {...rest} />
{/if}
