<!-- @component Whether a round goes about its needle. -->
<script lang="ts">
	import { SPARE_CM } from '@pond-loop/core/fabric';
	import { fromCm, reckonedLength, toCm } from '@pond-loop/core/measure';
	import NumberField from './NumberField.svelte';
	import type { SizeModel } from './size-model.svelte';

	interface Props {
		model: SizeModel;
	}
	const { model }: Props = $props();
	const uid = $props.id();
	const { told, unit, needle } = $derived(model);
	const said = (cm: number): string => reckonedLength(cm, unit);
</script>

<section aria-labelledby="{uid}-needle">
	<h2 id="{uid}-needle" class="lead font-sans">About the needle</h2>
	<NumberField
		wide
		min="10"
		max="200"
		step="5"
		value={told.needleCm === undefined ? undefined : Math.round(fromCm(told.needleCm, unit) * 10) / 10}
		tell={(n) => model.tell({ needleCm: n === undefined ? undefined : toCm(n, unit) }, 'needle')}
		aria-label="Length of the circular needle, in {unit}"
		before="Circular needle of"
		after={unit}
	/>
	{#if needle}
		<p role="status" class={needle.fits ? '' : 'text-warning font-semibold'}>
			{needle.fits
				? `It goes about it, with ${said(needle.spareCm)} to spare.`
				: `As pulled in it is ${needle.spareCm < 0 ? `${said(-needle.spareCm)} shorter than the needle` : `only ${said(needle.spareCm)} longer`}; ${said(SPARE_CM)} to spare are wanted. Take double-pointed needles, a shorter one, or a long loop.`}
		</p>
	{/if}
</section>
